CREATE TABLE `runEvents` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`doc` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`deleted_at` text,
	`revision` integer DEFAULT 0 NOT NULL,
	`blind` text,
	`piece` text,
	`at_hand` integer
);
--> statement-breakpoint
CREATE INDEX `runEvents_listed` ON `runEvents` (`deleted_at`,`name`);--> statement-breakpoint
CREATE INDEX `runEvents_by_revision` ON `runEvents` (`revision`);--> statement-breakpoint
CREATE INDEX `runEvents_by_piece_created_at` ON `runEvents` (`piece`,`created_at`);--> statement-breakpoint
CREATE TABLE `photos` (
	`id` text PRIMARY KEY NOT NULL,
	`jpeg` blob NOT NULL
);
--> statement-breakpoint
CREATE TABLE `sewing_machines` (
	`id` text PRIMARY KEY NOT NULL,
	`memory` text NOT NULL,
	`loaded` text NOT NULL
);
