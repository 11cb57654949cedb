CREATE TABLE `pictures` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`name` text NOT NULL,
	`bytes` blob NOT NULL,
	`createdAt` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `pictures_name_unique` ON `pictures` (`name`);--> statement-breakpoint
UPDATE `pupils` SET `largePrint` = 18 WHERE `largePrint` = 1;--> statement-breakpoint
ALTER TABLE `forms` ADD `kind` text DEFAULT 'letter' NOT NULL;--> statement-breakpoint
ALTER TABLE `forms` ADD `pupilId` integer REFERENCES pupils(id) ON DELETE SET NULL;--> statement-breakpoint
CREATE INDEX `forms_pupil` ON `forms` (`pupilId`);--> statement-breakpoint
ALTER TABLE `parts` ADD `row` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `parts` ADD `guidance` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `questions` ADD `key` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `questions` ADD `startsPage` integer DEFAULT false NOT NULL;