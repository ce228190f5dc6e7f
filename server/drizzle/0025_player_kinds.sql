ALTER TABLE `player` ADD `player_kind` text;--> statement-breakpoint
ALTER TABLE `player` ADD `driver_speed_mps` real;