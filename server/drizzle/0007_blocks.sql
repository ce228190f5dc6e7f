CREATE TABLE `block` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`lesson_id` text NOT NULL,
	`kind` text NOT NULL,
	`drill_id` text,
	`dose_step` integer,
	`note` text DEFAULT '' NOT NULL,
	`aim` text,
	`started_at` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lesson_id`) REFERENCES `lesson`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `block_by_lesson` ON `block` (`academy_id`,`lesson_id`,`started_at`);--> statement-breakpoint
ALTER TABLE `ball` ADD `block_id` text REFERENCES block(id);--> statement-breakpoint
ALTER TABLE `lesson` ADD `deleted_at` text;--> statement-breakpoint
ALTER TABLE `player` ADD `deleted_at` text;--> statement-breakpoint
INSERT INTO `block` (`id`, `academy_id`, `lesson_id`, `kind`, `drill_id`, `started_at`)
WITH `marked` AS (
  SELECT *, CASE WHEN lag(`id`) OVER `w` IS NOT NULL AND `block` IS lag(`block`) OVER `w` AND `drill_id` IS lag(`drill_id`) OVER `w` THEN 0 ELSE 1 END AS `starts`
  FROM `ball` WINDOW `w` AS (PARTITION BY `lesson_id` ORDER BY `ordinal`)
), `runs` AS (
  SELECT *, sum(`starts`) OVER (PARTITION BY `lesson_id` ORDER BY `ordinal`) AS `run` FROM `marked`
)
SELECT `lesson_id` || '/' || printf('%04d', `run`), `academy_id`, `lesson_id`, `block`, `drill_id`, min(`created_at`)
FROM `runs` WHERE `block` IS NOT NULL GROUP BY `lesson_id`, `run`;
--> statement-breakpoint
WITH `marked` AS (
  SELECT `id`, `lesson_id`, `ordinal`, CASE WHEN lag(`id`) OVER `w` IS NOT NULL AND `block` IS lag(`block`) OVER `w` AND `drill_id` IS lag(`drill_id`) OVER `w` THEN 0 ELSE 1 END AS `starts`
  FROM `ball` WINDOW `w` AS (PARTITION BY `lesson_id` ORDER BY `ordinal`)
), `runs` AS (
  SELECT `id`, `lesson_id` || '/' || printf('%04d', sum(`starts`) OVER (PARTITION BY `lesson_id` ORDER BY `ordinal`)) AS `in_block` FROM `marked`
)
UPDATE `ball` SET `block_id` = (SELECT `in_block` FROM `runs` WHERE `runs`.`id` = `ball`.`id`) WHERE `block` IS NOT NULL;
