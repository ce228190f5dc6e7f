ALTER TABLE `door_event` ADD `is_new_browser` integer DEFAULT false NOT NULL;--> statement-breakpoint
UPDATE `door_event` SET `is_new_browser` = 1, `detail` = replace(`detail`, ', in a new browser', '') WHERE `kind` = 'signed-in' AND `detail` LIKE '%, in a new browser';
