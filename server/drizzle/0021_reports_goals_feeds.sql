CREATE TABLE `calendar_feed` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`user_id` text NOT NULL,
	`token_hash` text NOT NULL,
	`whose` text NOT NULL,
	`created_at` text NOT NULL,
	`read_at` text,
	`ended_at` text,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`user_id`) REFERENCES `user`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `calendar_feed_by_token` ON `calendar_feed` (`token_hash`);--> statement-breakpoint
CREATE INDEX `calendar_feed_by_user` ON `calendar_feed` (`academy_id`,`user_id`);--> statement-breakpoint
CREATE TABLE `__new_shared_page` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`player_id` text NOT NULL,
	`lesson_id` text,
	`token_hash` text NOT NULL,
	`content` text NOT NULL,
	`created_at` text NOT NULL,
	`expires_at` text NOT NULL,
	`withdrawn_at` text,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`player_id`) REFERENCES `player`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lesson_id`) REFERENCES `lesson`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
INSERT INTO `__new_shared_page`("id", "academy_id", "player_id", "lesson_id", "token_hash", "content", "created_at", "expires_at", "withdrawn_at") SELECT "id", "academy_id", (SELECT "player_id" FROM "lesson" WHERE "lesson"."id" = "lesson_id"), "lesson_id", "token_hash", "content", "created_at", "expires_at", "withdrawn_at" FROM `shared_page`;--> statement-breakpoint
DROP TABLE `shared_page`;--> statement-breakpoint
ALTER TABLE `__new_shared_page` RENAME TO `shared_page`;--> statement-breakpoint
CREATE UNIQUE INDEX `shared_page_token` ON `shared_page` (`token_hash`);--> statement-breakpoint
CREATE INDEX `shared_page_by_lesson` ON `shared_page` (`academy_id`,`lesson_id`);--> statement-breakpoint
CREATE INDEX `shared_page_by_player` ON `shared_page` (`academy_id`,`player_id`,`created_at`);--> statement-breakpoint
ALTER TABLE `launch_file` ADD `source_key` text;--> statement-breakpoint
ALTER TABLE `player` ADD `goals` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE `player` ADD `report` text;