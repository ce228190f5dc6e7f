CREATE TABLE `closed` (
	`kind` text NOT NULL,
	`key` text NOT NULL,
	`academy_id` text NOT NULL,
	`at` text NOT NULL,
	PRIMARY KEY(`kind`, `key`),
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action
);
