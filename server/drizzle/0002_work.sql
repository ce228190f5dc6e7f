CREATE TABLE `homework_tick` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`page_id` text NOT NULL,
	`date` text NOT NULL,
	`done` integer NOT NULL,
	`at` text NOT NULL,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`page_id`) REFERENCES `shared_page`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `homework_tick_once` ON `homework_tick` (`page_id`,`date`);--> statement-breakpoint
CREATE TABLE `lesson_change` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`lesson_id` text NOT NULL,
	`at` text NOT NULL,
	`who` text NOT NULL,
	`what` text NOT NULL,
	`before` text,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lesson_id`) REFERENCES `lesson`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `lesson_change_by_lesson` ON `lesson_change` (`academy_id`,`lesson_id`,`at`);--> statement-breakpoint
CREATE TABLE `lesson_part` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`lesson_id` text NOT NULL,
	`part` text NOT NULL,
	`value` text NOT NULL,
	`updated_at` text NOT NULL,
	`updated_by` text NOT NULL,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lesson_id`) REFERENCES `lesson`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `lesson_part_once` ON `lesson_part` (`lesson_id`,`part`);--> statement-breakpoint
CREATE TABLE `own_drill` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`value` text NOT NULL,
	`created_at` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `own_drill_by_academy` ON `own_drill` (`academy_id`);--> statement-breakpoint
CREATE TABLE `repetition` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`lesson_id` text NOT NULL,
	`page_id` text,
	`drill_id` text NOT NULL,
	`good` integer NOT NULL,
	`miss` text NOT NULL,
	`felt_deg` real,
	`measured_deg` real,
	`at` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lesson_id`) REFERENCES `lesson`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`page_id`) REFERENCES `shared_page`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `repetition_by_lesson` ON `repetition` (`academy_id`,`lesson_id`,`at`);--> statement-breakpoint
CREATE TABLE `shared_page` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`lesson_id` text NOT NULL,
	`token_hash` text NOT NULL,
	`content` text NOT NULL,
	`created_at` text NOT NULL,
	`expires_at` text NOT NULL,
	`withdrawn_at` text,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lesson_id`) REFERENCES `lesson`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `shared_page_token` ON `shared_page` (`token_hash`);--> statement-breakpoint
CREATE INDEX `shared_page_by_lesson` ON `shared_page` (`academy_id`,`lesson_id`);--> statement-breakpoint
ALTER TABLE `ball` ADD `block` text;--> statement-breakpoint
ALTER TABLE `ball` ADD `drill_id` text;