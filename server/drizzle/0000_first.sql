CREATE TABLE `designs` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`doc` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`deleted_at` text
);
--> statement-breakpoint
CREATE INDEX `designs_listed` ON `designs` (`deleted_at`,`name`);--> statement-breakpoint
CREATE TABLE `hoops` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`doc` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`deleted_at` text
);
--> statement-breakpoint
CREATE INDEX `hoops_listed` ON `hoops` (`deleted_at`,`name`);--> statement-breakpoint
CREATE TABLE `log_faults` (
	`piece_id` text NOT NULL,
	`fault` text NOT NULL,
	`how_bad` integer NOT NULL,
	PRIMARY KEY(`piece_id`, `fault`),
	FOREIGN KEY (`piece_id`) REFERENCES `pieces`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `log_faults_by_fault` ON `log_faults` (`fault`);--> statement-breakpoint
CREATE TABLE `log_rows` (
	`piece_id` text PRIMARY KEY NOT NULL,
	`finished_at` text NOT NULL,
	`cloth` text NOT NULL,
	`stack` text NOT NULL,
	`holding` text,
	`verdict` text,
	`dx` real,
	`dy` real,
	FOREIGN KEY (`piece_id`) REFERENCES `pieces`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `log_newest` ON `log_rows` (`finished_at`);--> statement-breakpoint
CREATE INDEX `log_cloth` ON `log_rows` (`cloth`,`finished_at`);--> statement-breakpoint
CREATE INDEX `log_holding` ON `log_rows` (`holding`,`finished_at`);--> statement-breakpoint
CREATE TABLE `pieces` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`doc` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`deleted_at` text,
	`due` text,
	`due_or_last` text NOT NULL,
	`finished_at` text
);
--> statement-breakpoint
CREATE INDEX `pieces_bench` ON `pieces` (`deleted_at`,`finished_at`,`due_or_last`,`created_at`);--> statement-breakpoint
CREATE TABLE `shop` (
	`id` integer PRIMARY KEY NOT NULL,
	`doc` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `supplies` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`doc` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`deleted_at` text
);
--> statement-breakpoint
CREATE INDEX `supplies_listed` ON `supplies` (`deleted_at`,`name`);