-- Documents themselves are brought over by upgradeDocuments, which writes the log anew.
ALTER TABLE `drawings` RENAME TO `packed_designs`;--> statement-breakpoint
CREATE TABLE `set_aside` (
	`collection` text NOT NULL,
	`id` text NOT NULL,
	`doc` text NOT NULL,
	`reason` text NOT NULL,
	PRIMARY KEY(`collection`, `id`)
);
--> statement-breakpoint
ALTER TABLE `pieces` ADD `in_work` integer;--> statement-breakpoint
DROP INDEX `pieces_bench`;--> statement-breakpoint
CREATE INDEX `pieces_listed` ON `pieces` (`deleted_at`,`name`);--> statement-breakpoint
CREATE INDEX `pieces_by_in_work_due_or_last_created_at` ON `pieces` (`deleted_at`,`in_work`,`due_or_last`,`created_at`);--> statement-breakpoint
CREATE INDEX `pieces_by_finished_at` ON `pieces` (`deleted_at`,`finished_at`);--> statement-breakpoint
DROP TABLE `log_faults`;--> statement-breakpoint
DROP TABLE `log_rows`;--> statement-breakpoint
CREATE TABLE `log_rows` (
	`piece_id` text PRIMARY KEY NOT NULL,
	`doc` text NOT NULL,
	`finished_at` text NOT NULL,
	`cloth` text NOT NULL,
	`holding` text,
	`verdict` text,
	FOREIGN KEY (`piece_id`) REFERENCES `pieces`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `log_newest` ON `log_rows` (`finished_at`);--> statement-breakpoint
CREATE INDEX `log_cloth` ON `log_rows` (`cloth`,`finished_at`);--> statement-breakpoint
CREATE INDEX `log_holding` ON `log_rows` (`holding`,`finished_at`);--> statement-breakpoint
CREATE TABLE `log_faults` (
	`piece_id` text NOT NULL,
	`fault` text NOT NULL,
	PRIMARY KEY(`piece_id`, `fault`),
	FOREIGN KEY (`piece_id`) REFERENCES `pieces`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `log_faults_by_fault` ON `log_faults` (`fault`);
