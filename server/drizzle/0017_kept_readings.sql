CREATE TABLE `lesson_reading` (
	`lesson_id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`stamp` text NOT NULL,
	`count` integer NOT NULL,
	`about` text NOT NULL,
	`columns` blob NOT NULL,
	`effects` text NOT NULL,
	FOREIGN KEY (`lesson_id`) REFERENCES `lesson`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action
);
