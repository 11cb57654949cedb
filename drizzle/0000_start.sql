CREATE TABLE `classes` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`name` text NOT NULL,
	`createdAt` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `classes_name_unique` ON `classes` (`name`);--> statement-breakpoint
CREATE TABLE `entries` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`responseId` integer NOT NULL,
	`step` text NOT NULL,
	`written` text NOT NULL,
	FOREIGN KEY (`responseId`) REFERENCES `responses`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `entries_step` ON `entries` (`responseId`,`step`);--> statement-breakpoint
CREATE TABLE `house_styles` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`style` text NOT NULL,
	`updatedAt` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL
);
--> statement-breakpoint
CREATE TABLE `logbook` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`at` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL,
	`who` text NOT NULL,
	`action` text NOT NULL,
	`subject` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `logbook_at` ON `logbook` (`at`);--> statement-breakpoint
CREATE TABLE `marks` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`responseId` integer NOT NULL,
	`mark` text NOT NULL,
	`available` integer NOT NULL,
	`proposed` integer NOT NULL,
	`because` text NOT NULL,
	`given` integer,
	`reason` text,
	`changedBy` text,
	`changedAt` text,
	FOREIGN KEY (`responseId`) REFERENCES `responses`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `marks_line` ON `marks` (`responseId`,`mark`);--> statement-breakpoint
CREATE TABLE `paper_items` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`sectionId` integer NOT NULL,
	`position` integer NOT NULL,
	`key` text NOT NULL,
	`given` text NOT NULL,
	`locked` integer NOT NULL,
	`edited` integer NOT NULL,
	`scheme` text,
	`derived` text,
	FOREIGN KEY (`sectionId`) REFERENCES `sections`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `items_order` ON `paper_items` (`sectionId`,`position`);--> statement-breakpoint
CREATE TABLE `papers` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`title` text NOT NULL,
	`seed` integer NOT NULL,
	`ramp` text NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	`edition` integer DEFAULT 1 NOT NULL,
	`previousId` integer,
	`itemCount` integer DEFAULT 0 NOT NULL,
	`marks` integer DEFAULT 0 NOT NULL,
	`minutes` integer DEFAULT 0 NOT NULL,
	`frozenAt` text,
	`createdAt` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL,
	`updatedAt` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL
);
--> statement-breakpoint
CREATE INDEX `papers_updated` ON `papers` (`updatedAt`);--> statement-breakpoint
CREATE TABLE `pupils` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`classId` integer NOT NULL,
	`name` text NOT NULL,
	FOREIGN KEY (`classId`) REFERENCES `classes`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `pupils_classId_name_unique` ON `pupils` (`classId`,`name`);--> statement-breakpoint
CREATE TABLE `responses` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`scriptId` integer NOT NULL,
	`itemId` integer NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	`isMarked` integer DEFAULT false NOT NULL,
	`outcome` text,
	`updatedAt` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL,
	FOREIGN KEY (`scriptId`) REFERENCES `scripts`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`itemId`) REFERENCES `paper_items`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `responses_scriptId_itemId_unique` ON `responses` (`scriptId`,`itemId`);--> statement-breakpoint
CREATE TABLE `script_pages` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`scriptId` integer NOT NULL,
	`mediaType` text NOT NULL,
	`bytes` blob NOT NULL,
	`createdAt` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL,
	FOREIGN KEY (`scriptId`) REFERENCES `scripts`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `pages_script` ON `script_pages` (`scriptId`);--> statement-breakpoint
CREATE TABLE `scripts` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`sittingId` integer NOT NULL,
	`pupilId` integer NOT NULL,
	`markedItems` integer DEFAULT 0 NOT NULL,
	FOREIGN KEY (`sittingId`) REFERENCES `sittings`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`pupilId`) REFERENCES `pupils`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `scripts_sittingId_pupilId_unique` ON `scripts` (`sittingId`,`pupilId`);--> statement-breakpoint
CREATE TABLE `sections` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`paperId` integer NOT NULL,
	`position` integer NOT NULL,
	`key` text NOT NULL,
	`kind` text NOT NULL,
	`skill` text NOT NULL,
	`school` text NOT NULL,
	`controls` text NOT NULL,
	`count` integer NOT NULL,
	FOREIGN KEY (`paperId`) REFERENCES `papers`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `sections_order` ON `sections` (`paperId`,`position`);--> statement-breakpoint
CREATE TABLE `simulated_work` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`scriptId` integer NOT NULL,
	`itemId` integer NOT NULL,
	`working` text NOT NULL,
	`pattern` text,
	`slip` text,
	FOREIGN KEY (`scriptId`) REFERENCES `scripts`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`itemId`) REFERENCES `paper_items`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `simulated_work_scriptId_itemId_unique` ON `simulated_work` (`scriptId`,`itemId`);--> statement-breakpoint
CREATE TABLE `sittings` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`paperId` integer NOT NULL,
	`classId` integer NOT NULL,
	`satOn` text NOT NULL,
	`createdAt` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL,
	FOREIGN KEY (`paperId`) REFERENCES `papers`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`classId`) REFERENCES `classes`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `sittings_paperId_classId_satOn_unique` ON `sittings` (`paperId`,`classId`,`satOn`);