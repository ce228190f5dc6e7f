CREATE TABLE `raw_file` (
	`academy_id` text NOT NULL,
	`sha256` text NOT NULL,
	`content` blob NOT NULL,
	PRIMARY KEY(`academy_id`, `sha256`),
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
ALTER TABLE `launch_file` ADD `answers` text;--> statement-breakpoint
CREATE INDEX `launch_file_by_content` ON `launch_file` (`academy_id`,`sha256`);--> statement-breakpoint
ALTER TABLE `source_mapping` ADD `name` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `source_mapping` ADD `deleted_at` text;--> statement-breakpoint
INSERT INTO `raw_file` (`academy_id`, `sha256`, `content`) SELECT `academy_id`, `sha256`, `content` FROM `launch_file` WHERE true ON CONFLICT DO NOTHING;--> statement-breakpoint
ALTER TABLE `launch_file` DROP COLUMN `content`;
