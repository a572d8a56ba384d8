CREATE TABLE `orders` (
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
CREATE INDEX `orders_listed` ON `orders` (`deleted_at`,`name`);--> statement-breakpoint
CREATE INDEX `orders_by_revision` ON `orders` (`revision`);--> statement-breakpoint
ALTER TABLE `pieces` ADD `of_order` text;--> statement-breakpoint
CREATE INDEX `pieces_by_of_order` ON `pieces` (`of_order`);