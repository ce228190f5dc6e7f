CREATE TABLE `bay` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`name` text NOT NULL,
	`token_hash` text,
	`token_at` text,
	`lesson_id` text,
	`is_on` integer DEFAULT true NOT NULL,
	`answers` text,
	`doubts` text,
	`judged_at` text,
	`version` integer DEFAULT 1 NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lesson_id`) REFERENCES `lesson`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `bay_by_token` ON `bay` (`token_hash`);--> statement-breakpoint
CREATE INDEX `bay_of_academy` ON `bay` (`academy_id`,`created_at`);--> statement-breakpoint
CREATE TABLE `bay_ball` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`academy_id` text NOT NULL,
	`bay_id` text NOT NULL,
	`source` text NOT NULL,
	`sequence` integer NOT NULL,
	`said` text NOT NULL,
	`fate` text NOT NULL,
	`reason` text DEFAULT '' NOT NULL,
	`lesson_id` text,
	`ball_id` text,
	`received_at` text NOT NULL,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`bay_id`) REFERENCES `bay`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lesson_id`) REFERENCES `lesson`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`ball_id`) REFERENCES `ball`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `bay_ball_once` ON `bay_ball` (`bay_id`,`source`,`sequence`);--> statement-breakpoint
CREATE INDEX `bay_ball_of_lesson` ON `bay_ball` (`academy_id`,`lesson_id`,`id`);--> statement-breakpoint
CREATE INDEX `bay_ball_by_fate` ON `bay_ball` (`academy_id`,`bay_id`,`fate`);--> statement-breakpoint
CREATE INDEX `bay_ball_by_ball` ON `bay_ball` (`ball_id`);