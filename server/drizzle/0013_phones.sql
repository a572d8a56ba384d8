CREATE TABLE `door` (
	`id` integer PRIMARY KEY NOT NULL,
	`open` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `phones` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`key_hash` text NOT NULL,
	`paired_at` text NOT NULL,
	`last_seen_at` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `phones_key_hash_unique` ON `phones` (`key_hash`);