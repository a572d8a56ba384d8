CREATE TABLE `swatches` (
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
CREATE INDEX `swatches_listed` ON `swatches` (`deleted_at`,`name`);--> statement-breakpoint
CREATE INDEX `swatches_by_revision` ON `swatches` (`revision`);