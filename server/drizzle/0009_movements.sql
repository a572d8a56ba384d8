CREATE TABLE `needles` (
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
CREATE INDEX `needles_listed` ON `needles` (`deleted_at`,`name`);--> statement-breakpoint
CREATE INDEX `needles_by_revision` ON `needles` (`revision`);--> statement-breakpoint
CREATE TABLE `bobbins` (
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
CREATE INDEX `bobbins_listed` ON `bobbins` (`deleted_at`,`name`);--> statement-breakpoint
CREATE INDEX `bobbins_by_revision` ON `bobbins` (`revision`);--> statement-breakpoint
CREATE TABLE `adhesives` (
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
CREATE INDEX `adhesives_listed` ON `adhesives` (`deleted_at`,`name`);--> statement-breakpoint
CREATE INDEX `adhesives_by_revision` ON `adhesives` (`revision`);--> statement-breakpoint
CREATE TABLE `movements` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`doc` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`deleted_at` text,
	`revision` integer DEFAULT 0 NOT NULL,
	`blind` text,
	`of` text,
	`of_id` text,
	`kind` text,
	`amount` real,
	`found` real,
	`piece` text
);
--> statement-breakpoint
CREATE INDEX `movements_listed` ON `movements` (`deleted_at`,`name`);--> statement-breakpoint
CREATE INDEX `movements_by_revision` ON `movements` (`revision`);--> statement-breakpoint
CREATE INDEX `movements_by_of_of_id_created_at_found_amount_kind` ON `movements` (`of`,`of_id`,`deleted_at`,`created_at`,`found`,`amount`,`kind`);--> statement-breakpoint
CREATE INDEX `movements_by_piece` ON `movements` (`piece`);