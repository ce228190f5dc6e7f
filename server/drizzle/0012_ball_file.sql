CREATE TABLE `ball_file` (
	`academy_id` text NOT NULL,
	`ball_id` text NOT NULL,
	`launch_file_id` text NOT NULL,
	PRIMARY KEY(`ball_id`, `launch_file_id`),
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`ball_id`) REFERENCES `ball`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`launch_file_id`) REFERENCES `launch_file`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `ball_file_by_file` ON `ball_file` (`academy_id`,`launch_file_id`);--> statement-breakpoint
ALTER TABLE `ball` ADD `deleted_by` text;--> statement-breakpoint
INSERT INTO `ball_file` (`academy_id`, `ball_id`, `launch_file_id`) SELECT `academy_id`, `id`, `launch_file_id` FROM `ball` WHERE `launch_file_id` IS NOT NULL;
--> statement-breakpoint
UPDATE `ball` SET `deleted_by` = CASE WHEN `deleted_at` = (SELECT `f`.`deleted_at` FROM `launch_file` `f` WHERE `f`.`id` = `ball`.`launch_file_id`) THEN 'file' ELSE 'hand' END WHERE `deleted_at` IS NOT NULL;
