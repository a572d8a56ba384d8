CREATE TABLE `corrections` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`doc` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`deleted_at` text,
	`revision` integer DEFAULT 0 NOT NULL,
	`blind` text
);
--> statement-breakpoint
CREATE INDEX `corrections_listed` ON `corrections` (`deleted_at`,`name`);--> statement-breakpoint
CREATE INDEX `corrections_by_revision` ON `corrections` (`revision`);--> statement-breakpoint
CREATE TABLE `log` (
	`n` integer PRIMARY KEY NOT NULL,
	`piece_id` text NOT NULL,
	`doc` text NOT NULL,
	`finished_at` text NOT NULL,
	FOREIGN KEY (`piece_id`) REFERENCES `pieces`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `log_piece_id_unique` ON `log` (`piece_id`);--> statement-breakpoint
CREATE INDEX `log_by_date` ON `log` (`finished_at`);--> statement-breakpoint
CREATE VIRTUAL TABLE `log_words` USING fts5(words, content='', contentless_delete=1, prefix='2 3', tokenize='unicode61 remove_diacritics 2');
