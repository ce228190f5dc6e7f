CREATE TABLE `lesson_effect` (
	`lesson_id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`stamp` text NOT NULL,
	`value` text NOT NULL,
	FOREIGN KEY (`lesson_id`) REFERENCES `lesson`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
ALTER TABLE `lesson` ADD `balls_version` integer DEFAULT 0 NOT NULL;