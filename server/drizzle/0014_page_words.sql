CREATE TABLE `page_word` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`page_id` text NOT NULL,
	`text` text NOT NULL,
	`at` text NOT NULL,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`page_id`) REFERENCES `shared_page`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `page_word_by_page` ON `page_word` (`academy_id`,`page_id`,`at`);