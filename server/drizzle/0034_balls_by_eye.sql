ALTER TABLE `ball` ADD `open_amount` text;--> statement-breakpoint
ALTER TABLE `ball` ADD `contact` text;--> statement-breakpoint
ALTER TABLE `ball` ADD `note` text DEFAULT '' NOT NULL;