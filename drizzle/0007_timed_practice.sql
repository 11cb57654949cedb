CREATE TABLE `timed_entries` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`setId` integer NOT NULL,
	`pupilId` integer NOT NULL,
	`sheet` integer NOT NULL,
	`kind` text NOT NULL,
	`value` integer,
	`version` integer DEFAULT 1 NOT NULL,
	FOREIGN KEY (`setId`) REFERENCES `timed_sets`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`pupilId`) REFERENCES `pupils`(`id`) ON UPDATE no action ON DELETE cascade,
	CONSTRAINT "timed_entries_kind" CHECK("timed_entries"."kind" in ('score', 'seconds')),
	CONSTRAINT "timed_entries_value" CHECK("timed_entries"."value" between 0 and 7200)
);
--> statement-breakpoint
CREATE UNIQUE INDEX `timed_entries_of` ON `timed_entries` (`setId`,`pupilId`,`sheet`,`kind`);--> statement-breakpoint
CREATE INDEX `timed_entries_pupil` ON `timed_entries` (`pupilId`);--> statement-breakpoint
CREATE TABLE `timed_sets` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`classId` integer NOT NULL,
	`skill` text NOT NULL,
	`asked` text NOT NULL,
	`items` integer NOT NULL,
	`createdAt` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL,
	FOREIGN KEY (`classId`) REFERENCES `classes`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `timed_sets_class` ON `timed_sets` (`classId`);