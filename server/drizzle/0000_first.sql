CREATE TABLE `academy` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`created_at` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `ball` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`lesson_id` text NOT NULL,
	`launch_file_id` text,
	`line` integer,
	`ordinal` integer NOT NULL,
	`keep` text NOT NULL,
	`fingerprint` text,
	`club` text,
	`club_text` text,
	`hit_at` text,
	`club_speed_mps` real,
	`attack_angle_deg` real,
	`club_path_deg` real,
	`face_angle_deg` real,
	`face_to_path_deg` real,
	`dynamic_loft_deg` real,
	`spin_loft_deg` real,
	`swing_direction_deg` real,
	`swing_plane_deg` real,
	`strike_toe_mm` real,
	`strike_high_mm` real,
	`ball_speed_mps` real,
	`launch_angle_deg` real,
	`start_direction_deg` real,
	`spin_rate_rpm` real,
	`spin_axis_tilt_deg` real,
	`carry_m` real,
	`total_m` real,
	`offline_m` real,
	`curve_m` real,
	`apex_m` real,
	`descent_angle_deg` real,
	`flight_time_s` real,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lesson_id`) REFERENCES `lesson`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`launch_file_id`) REFERENCES `launch_file`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `ball_by_lesson` ON `ball` (`academy_id`,`lesson_id`,`ordinal`);--> statement-breakpoint
CREATE TABLE `launch_file` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`lesson_id` text NOT NULL,
	`name` text NOT NULL,
	`sha256` text NOT NULL,
	`size_bytes` integer NOT NULL,
	`content` blob NOT NULL,
	`rows` text NOT NULL,
	`ball_count` integer NOT NULL,
	`received_at` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lesson_id`) REFERENCES `lesson`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `launch_file_once` ON `launch_file` (`lesson_id`,`sha256`);--> statement-breakpoint
CREATE INDEX `launch_file_by_academy` ON `launch_file` (`academy_id`,`lesson_id`);--> statement-breakpoint
CREATE TABLE `lesson` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`player_id` text NOT NULL,
	`starts_at` text NOT NULL,
	`asked` text DEFAULT '' NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`player_id`) REFERENCES `player`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `lesson_by_day` ON `lesson` (`academy_id`,`starts_at`);--> statement-breakpoint
CREATE INDEX `lesson_by_player` ON `lesson` (`academy_id`,`player_id`,`starts_at`);--> statement-breakpoint
CREATE TABLE `player` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`name` text NOT NULL,
	`hand` text NOT NULL,
	`length_unit` text NOT NULL,
	`speed_unit` text NOT NULL,
	`angle_style` text NOT NULL,
	`aims` text DEFAULT '' NOT NULL,
	`body_notes` text DEFAULT '' NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `player_by_academy` ON `player` (`academy_id`,`name`);--> statement-breakpoint
CREATE TABLE `setting` (
	`academy_id` text PRIMARY KEY NOT NULL,
	`naming` text NOT NULL,
	`bands` text NOT NULL,
	`updated_at` text NOT NULL,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `source_mapping` (
	`id` text PRIMARY KEY NOT NULL,
	`academy_id` text NOT NULL,
	`header_key` text NOT NULL,
	`answers` text NOT NULL,
	`updated_at` text NOT NULL,
	FOREIGN KEY (`academy_id`) REFERENCES `academy`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `source_mapping_once` ON `source_mapping` (`academy_id`,`header_key`);