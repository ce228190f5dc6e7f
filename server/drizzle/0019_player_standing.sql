CREATE TABLE `player_standing` (
	`player_id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`stamp` text NOT NULL,
	`value` text NOT NULL,
	FOREIGN KEY (`player_id`) REFERENCES `player`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action
);
