ALTER TABLE `launch_file` ADD `refused_count` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `lesson` ADD `ball_count` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
CREATE INDEX `ball_there` ON `ball` (`academy_id`,`lesson_id`) WHERE "ball"."deleted_at" is null;--> statement-breakpoint
UPDATE `lesson` SET `ball_count` = (SELECT count(*) FROM `ball` WHERE `ball`.`academy_id` = `lesson`.`academy_id` AND `ball`.`lesson_id` = `lesson`.`id` AND `ball`.`deleted_at` IS NULL);
--> statement-breakpoint
UPDATE `launch_file` SET `refused_count` = (SELECT count(*) FROM json_each(`launch_file`.`rows`) WHERE json_extract(json_each.value, '$.fate') = 'rejected');
