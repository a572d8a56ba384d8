-- What is kept already is numbered as if it had been written in this order.
CREATE TABLE `starts` (
	`id` text PRIMARY KEY NOT NULL,
	`began` integer NOT NULL
);
--> statement-breakpoint
ALTER TABLE `hoops` ADD `revision` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `hoops` ADD `blind` text;--> statement-breakpoint
CREATE INDEX `hoops_by_revision` ON `hoops` (`revision`);--> statement-breakpoint
ALTER TABLE `supplies` ADD `revision` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `supplies` ADD `blind` text;--> statement-breakpoint
CREATE INDEX `supplies_by_revision` ON `supplies` (`revision`);--> statement-breakpoint
ALTER TABLE `threads` ADD `revision` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `threads` ADD `blind` text;--> statement-breakpoint
CREATE INDEX `threads_by_revision` ON `threads` (`revision`);--> statement-breakpoint
ALTER TABLE `designs` ADD `revision` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `designs` ADD `blind` text;--> statement-breakpoint
CREATE INDEX `designs_by_revision` ON `designs` (`revision`);--> statement-breakpoint
ALTER TABLE `items` ADD `revision` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `items` ADD `blind` text;--> statement-breakpoint
CREATE INDEX `items_by_revision` ON `items` (`revision`);--> statement-breakpoint
ALTER TABLE `pieces` ADD `revision` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `pieces` ADD `blind` text;--> statement-breakpoint
CREATE INDEX `pieces_by_revision` ON `pieces` (`revision`);--> statement-breakpoint
ALTER TABLE `shop` ADD `revision` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
UPDATE `hoops` SET `revision` = `numbered`.`nr` FROM (SELECT `id`, row_number() OVER (ORDER BY `updated_at`, `id`) AS `nr` FROM `hoops`) AS `numbered` WHERE `numbered`.`id` = `hoops`.`id`;--> statement-breakpoint
UPDATE `hoops` SET `doc` = json_set(`doc`, '$.revision', `revision`) WHERE json_valid(`doc`);--> statement-breakpoint
UPDATE `supplies` SET `revision` = `numbered`.`nr` + (SELECT count(*) FROM `hoops`) FROM (SELECT `id`, row_number() OVER (ORDER BY `updated_at`, `id`) AS `nr` FROM `supplies`) AS `numbered` WHERE `numbered`.`id` = `supplies`.`id`;--> statement-breakpoint
UPDATE `supplies` SET `doc` = json_set(`doc`, '$.revision', `revision`) WHERE json_valid(`doc`);--> statement-breakpoint
UPDATE `threads` SET `revision` = `numbered`.`nr` + (SELECT count(*) FROM `hoops`) + (SELECT count(*) FROM `supplies`) FROM (SELECT `id`, row_number() OVER (ORDER BY `updated_at`, `id`) AS `nr` FROM `threads`) AS `numbered` WHERE `numbered`.`id` = `threads`.`id`;--> statement-breakpoint
UPDATE `threads` SET `doc` = json_set(`doc`, '$.revision', `revision`) WHERE json_valid(`doc`);--> statement-breakpoint
UPDATE `designs` SET `revision` = `numbered`.`nr` + (SELECT count(*) FROM `hoops`) + (SELECT count(*) FROM `supplies`) + (SELECT count(*) FROM `threads`) FROM (SELECT `id`, row_number() OVER (ORDER BY `updated_at`, `id`) AS `nr` FROM `designs`) AS `numbered` WHERE `numbered`.`id` = `designs`.`id`;--> statement-breakpoint
UPDATE `designs` SET `doc` = json_set(`doc`, '$.revision', `revision`) WHERE json_valid(`doc`);--> statement-breakpoint
UPDATE `items` SET `revision` = `numbered`.`nr` + (SELECT count(*) FROM `hoops`) + (SELECT count(*) FROM `supplies`) + (SELECT count(*) FROM `threads`) + (SELECT count(*) FROM `designs`) FROM (SELECT `id`, row_number() OVER (ORDER BY `updated_at`, `id`) AS `nr` FROM `items`) AS `numbered` WHERE `numbered`.`id` = `items`.`id`;--> statement-breakpoint
UPDATE `items` SET `doc` = json_set(`doc`, '$.revision', `revision`) WHERE json_valid(`doc`);--> statement-breakpoint
UPDATE `pieces` SET `revision` = `numbered`.`nr` + (SELECT count(*) FROM `hoops`) + (SELECT count(*) FROM `supplies`) + (SELECT count(*) FROM `threads`) + (SELECT count(*) FROM `designs`) + (SELECT count(*) FROM `items`) FROM (SELECT `id`, row_number() OVER (ORDER BY `updated_at`, `id`) AS `nr` FROM `pieces`) AS `numbered` WHERE `numbered`.`id` = `pieces`.`id`;--> statement-breakpoint
UPDATE `pieces` SET `doc` = json_set(`doc`, '$.revision', `revision`) WHERE json_valid(`doc`);--> statement-breakpoint
UPDATE `shop` SET `revision` = 1 + (SELECT count(*) FROM `hoops`) + (SELECT count(*) FROM `supplies`) + (SELECT count(*) FROM `threads`) + (SELECT count(*) FROM `designs`) + (SELECT count(*) FROM `items`) + (SELECT count(*) FROM `pieces`);--> statement-breakpoint
UPDATE `shop` SET `doc` = json_set(`doc`, '$.revision', `revision`) WHERE json_valid(`doc`);
