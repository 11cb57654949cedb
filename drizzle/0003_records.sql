CREATE TABLE `keepings` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`nameYears` integer DEFAULT 3 NOT NULL,
	`backupHours` integer DEFAULT 24 NOT NULL,
	`backupsKept` integer DEFAULT 14 NOT NULL,
	CONSTRAINT "keepings_names" CHECK("keepings"."nameYears" between 1 and 30),
	CONSTRAINT "keepings_hours" CHECK("keepings"."backupHours" between 0 and 720),
	CONSTRAINT "keepings_kept" CHECK("keepings"."backupsKept" between 1 and 365)
);
--> statement-breakpoint
CREATE TABLE `bin_bytes` (
	`binId` integer NOT NULL,
	`rowId` integer NOT NULL,
	`bytes` blob NOT NULL,
	PRIMARY KEY(`binId`, `rowId`),
	FOREIGN KEY (`binId`) REFERENCES `bin`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `carried_out` (
	`key` text PRIMARY KEY NOT NULL,
	`at` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL
);
--> statement-breakpoint
CREATE INDEX `carried_out_at` ON `carried_out` (`at`);--> statement-breakpoint
CREATE TABLE `logbook_about` (
	`lineId` integer NOT NULL,
	`kind` text NOT NULL,
	`subjectId` integer NOT NULL,
	PRIMARY KEY(`lineId`, `kind`, `subjectId`),
	FOREIGN KEY (`lineId`) REFERENCES `logbook`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `logbook_about_of` ON `logbook_about` (`kind`,`subjectId`);--> statement-breakpoint
ALTER TABLE `house_styles` ADD `version` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
INSERT INTO `logbook_about` (`lineId`, `kind`, `subjectId`)
SELECT `id`, substr(`subject`, 1, instr(`subject`, ' ') - 1), CAST(substr(`subject`, instr(`subject`, ' ') + 1) AS integer)
FROM `logbook` WHERE `subject` GLOB 'paper [0-9]*' OR `subject` GLOB 'class [0-9]*' OR `subject` GLOB 'pupil [0-9]*' OR `subject` GLOB 'sitting [0-9]*' OR `subject` GLOB 'script [0-9]*';
--> statement-breakpoint
CREATE TRIGGER logbook_about_stays BEFORE UPDATE ON logbook_about
BEGIN
  SELECT raise(ABORT, 'the logbook is only added to');
END;
--> statement-breakpoint
CREATE TRIGGER logbook_about_kept BEFORE DELETE ON logbook_about
BEGIN
  SELECT raise(ABORT, 'the logbook is only added to');
END;
--> statement-breakpoint
DROP TRIGGER decisions_stay;
--> statement-breakpoint
CREATE TRIGGER decisions_stay BEFORE UPDATE ON decisions
WHEN new.reason <> 'removed' OR new.id IS NOT old.id OR new.responseId IS NOT old.responseId OR new.mark IS NOT old.mark
  OR new.given IS NOT old.given OR new.userId IS NOT old.userId OR new.at IS NOT old.at
BEGIN
  SELECT raise(ABORT, 'decisions are only added to');
END;
