CREATE TABLE `link` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`kind` text NOT NULL,
	`token_hash` text NOT NULL,
	`user_id` text,
	`role` text,
	`name` text NOT NULL,
	`created_at` text NOT NULL,
	`expires_at` text NOT NULL,
	`ended_at` text,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`user_id`) REFERENCES `user`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `link_by_token` ON `link` (`token_hash`);--> statement-breakpoint
CREATE INDEX `link_by_academy` ON `link` (`academy_id`);--> statement-breakpoint
CREATE TABLE `session` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`user_id` text NOT NULL,
	`token_hash` text NOT NULL,
	`former_hash` text,
	`rotated_at` text NOT NULL,
	`created_at` text NOT NULL,
	`seen_at` text NOT NULL,
	`device` text NOT NULL,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`user_id`) REFERENCES `user`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `session_by_token` ON `session` (`token_hash`);--> statement-breakpoint
CREATE INDEX `session_by_former` ON `session` (`former_hash`);--> statement-breakpoint
CREATE INDEX `session_by_user` ON `session` (`user_id`);--> statement-breakpoint
CREATE TABLE `user` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`email` text NOT NULL,
	`name` text NOT NULL,
	`role` text NOT NULL,
	`password_hash` text NOT NULL,
	`created_at` text NOT NULL,
	`ended_at` text,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `user_by_email` ON `user` (`email`);--> statement-breakpoint
CREATE INDEX `user_by_academy` ON `user` (`academy_id`);--> statement-breakpoint
ALTER TABLE `academy` ADD `is_demo` integer DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `history` ADD `user_id` text;--> statement-breakpoint
CREATE INDEX `history_of_academy` ON `history` (`academy_id`,`at`);--> statement-breakpoint
ALTER TABLE `player` ADD `coach_id` text DEFAULT '' NOT NULL;