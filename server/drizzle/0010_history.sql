CREATE TABLE `history` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`thing` text NOT NULL,
	`thing_id` text NOT NULL,
	`lesson_id` text,
	`player_id` text,
	`version` integer NOT NULL,
	`at` text NOT NULL,
	`who` text NOT NULL,
	`device` text NOT NULL,
	`change_id` text,
	`what` text NOT NULL,
	`before` text,
	`after` text,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `history_change_once` ON `history` (`academy_id`,`change_id`);--> statement-breakpoint
CREATE INDEX `history_of_thing` ON `history` (`academy_id`,`thing`,`thing_id`,`version`);--> statement-breakpoint
CREATE INDEX `history_of_lesson` ON `history` (`academy_id`,`lesson_id`,`at`);--> statement-breakpoint
CREATE INDEX `history_of_player` ON `history` (`academy_id`,`player_id`,`at`);--> statement-breakpoint
ALTER TABLE `ball` ADD `version` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `block` ADD `version` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `lesson` ADD `version` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `lesson_part` ADD `version` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `player` ADD `version` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `setting` ADD `version` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
INSERT INTO `history` (`id`, `academy_id`, `thing`, `thing_id`, `lesson_id`, `version`, `at`, `who`, `device`, `what`) SELECT `id`, `academy_id`, 'lesson', `lesson_id`, `lesson_id`, 1, `at`, `who`, '', `what` FROM `lesson_change`;
