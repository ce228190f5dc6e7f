ALTER TABLE `player` ADD `wanted` text DEFAULT '{"all":{"shape":"straight"}}' NOT NULL;--> statement-breakpoint
ALTER TABLE `setting` ADD `first_route` text DEFAULT 'lowest-miss' NOT NULL;;--> statement-breakpoint
UPDATE `setting` SET `first_route` = CASE `first_school` WHEN 'face-first' THEN 'face-then-path' WHEN 'path-first' THEN 'path-then-face' WHEN 'relationship-first' THEN 'gap-first' ELSE 'lowest-miss' END;--> statement-breakpoint
UPDATE `lesson_part` SET `value` = json_remove(json_set(`value`, '$.route', CASE json_extract(`value`, '$.school') WHEN 'face-first' THEN 'face-then-path' WHEN 'path-first' THEN 'path-then-face' WHEN 'relationship-first' THEN 'gap-first' ELSE NULL END), '$.school', '$.target') WHERE `part` = 'work';
