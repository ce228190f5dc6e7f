CREATE TABLE `door_event` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`kind` text NOT NULL,
	`at` text NOT NULL,
	`last_at` text NOT NULL,
	`times` integer NOT NULL,
	`user_id` text,
	`who` text NOT NULL,
	`address` text NOT NULL,
	`device` text NOT NULL,
	`detail` text NOT NULL,
	`player_id` text,
	`lesson_id` text,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`user_id`) REFERENCES `user`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `door_event_by_academy` ON `door_event` (`academy_id`,`last_at`);--> statement-breakpoint
CREATE INDEX `door_event_by_kind` ON `door_event` (`academy_id`,`kind`,`last_at`);--> statement-breakpoint
CREATE TABLE `passkey` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`user_id` text NOT NULL,
	`public_key` blob NOT NULL,
	`counter` integer NOT NULL,
	`transports` text NOT NULL,
	`site` text NOT NULL,
	`device` text NOT NULL,
	`created_at` text NOT NULL,
	`used_at` text,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`user_id`) REFERENCES `user`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `passkey_by_user` ON `passkey` (`user_id`);--> statement-breakpoint
CREATE TABLE `recovery_code` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`user_id` text NOT NULL,
	`code_hash` text NOT NULL,
	`used_at` text,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`user_id`) REFERENCES `user`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `recovery_code_once` ON `recovery_code` (`user_id`,`code_hash`);--> statement-breakpoint
ALTER TABLE `academy` ADD `idle_hours` integer;--> statement-breakpoint
ALTER TABLE `shared_page` ADD `opened_at` text;--> statement-breakpoint
ALTER TABLE `user` ADD `code_secret` text;--> statement-breakpoint
ALTER TABLE `user` ADD `code_step` integer;--> statement-breakpoint
ALTER TABLE `user` ADD `doors_seen_at` text;