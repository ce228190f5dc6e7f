ALTER TABLE `academy` ADD `personal_for` text DEFAULT 'coaches' NOT NULL;--> statement-breakpoint
ALTER TABLE `academy` ADD `gone_months` integer;--> statement-breakpoint
ALTER TABLE `player` ADD `keep_until` text;