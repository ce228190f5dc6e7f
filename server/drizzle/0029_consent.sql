CREATE TABLE `player_consent` (
	`player_id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`value` text NOT NULL,
	`updated_at` text NOT NULL,
	FOREIGN KEY (`player_id`) REFERENCES `player`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `player_consent_by_academy` ON `player_consent` (`academy_id`);