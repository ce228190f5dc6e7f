DROP INDEX `history_change_once`;--> statement-breakpoint
ALTER TABLE `history` ADD `step` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
CREATE UNIQUE INDEX `history_change_once` ON `history` (`academy_id`,`change_id`,`step`);