ALTER TABLE `house_styles` RENAME TO `old_house_styles`;
--> statement-breakpoint
ALTER TABLE `classes` RENAME TO `old_classes`;
--> statement-breakpoint
ALTER TABLE `pupils` RENAME TO `old_pupils`;
--> statement-breakpoint
ALTER TABLE `papers` RENAME TO `old_papers`;
--> statement-breakpoint
ALTER TABLE `sections` RENAME TO `old_sections`;
--> statement-breakpoint
ALTER TABLE `paper_items` RENAME TO `old_paper_items`;
--> statement-breakpoint
ALTER TABLE `sittings` RENAME TO `old_sittings`;
--> statement-breakpoint
ALTER TABLE `scripts` RENAME TO `old_scripts`;
--> statement-breakpoint
ALTER TABLE `responses` RENAME TO `old_responses`;
--> statement-breakpoint
ALTER TABLE `entries` RENAME TO `old_entries`;
--> statement-breakpoint
ALTER TABLE `marks` RENAME TO `old_marks`;
--> statement-breakpoint
ALTER TABLE `script_pages` RENAME TO `old_script_pages`;
--> statement-breakpoint
ALTER TABLE `simulated_work` RENAME TO `old_simulated_work`;
--> statement-breakpoint
ALTER TABLE `logbook` RENAME TO `old_logbook`;
--> statement-breakpoint
CREATE TABLE `bin` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`kind` text NOT NULL,
	`title` text NOT NULL,
	`rows` text NOT NULL,
	`userId` integer NOT NULL,
	`at` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL,
	FOREIGN KEY (`userId`) REFERENCES `users`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `calibrations` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`skill` text NOT NULL,
	`weights` text NOT NULL,
	`scripts` integer NOT NULL,
	`at` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL
);
--> statement-breakpoint
CREATE TABLE `classes` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`name` text NOT NULL,
	`year` text DEFAULT '' NOT NULL,
	`archivedAt` text,
	`createdAt` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL
);
--> statement-breakpoint
CREATE TABLE `default_schemes` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`skill` text NOT NULL,
	`kind` text NOT NULL,
	`scheme` text NOT NULL,
	`updatedAt` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL
);
--> statement-breakpoint
CREATE TABLE `house_styles` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`style` text NOT NULL,
	`updatedAt` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL
);
--> statement-breakpoint
CREATE TABLE `logbook` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`at` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL,
	`userId` integer NOT NULL,
	`action` text NOT NULL,
	`subject` text NOT NULL,
	FOREIGN KEY (`userId`) REFERENCES `users`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `pupils` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`classId` integer NOT NULL,
	`name` text NOT NULL,
	`surname` text,
	`largePrint` integer DEFAULT false NOT NULL,
	`extraTime` integer DEFAULT false NOT NULL,
	FOREIGN KEY (`classId`) REFERENCES `classes`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `sessions` (
	`id` text PRIMARY KEY NOT NULL,
	`userId` integer NOT NULL,
	`expiresAt` text NOT NULL,
	FOREIGN KEY (`userId`) REFERENCES `users`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `users` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`name` text NOT NULL,
	`role` text NOT NULL,
	`password` text,
	`createdAt` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL,
	CONSTRAINT "users_role" CHECK("users"."role" in ('coordinator', 'teacher', 'marker'))
);
--> statement-breakpoint
CREATE TABLE `blueprints` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`paperId` integer,
	`name` text NOT NULL,
	`plan` text NOT NULL,
	`updatedAt` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL,
	FOREIGN KEY (`paperId`) REFERENCES `papers`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `form_parts` (
	`formId` integer NOT NULL,
	`partId` integer NOT NULL,
	`given` text NOT NULL,
	PRIMARY KEY(`formId`, `partId`),
	FOREIGN KEY (`formId`) REFERENCES `forms`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`partId`) REFERENCES `parts`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `forms` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`paperId` integer NOT NULL,
	`position` integer NOT NULL,
	`letter` text NOT NULL,
	FOREIGN KEY (`paperId`) REFERENCES `papers`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `papers` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`kind` text DEFAULT 'practice' NOT NULL,
	`title` text NOT NULL,
	`seed` integer NOT NULL,
	`ramp` text NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	`edition` integer DEFAULT 1 NOT NULL,
	`previousId` integer,
	`state` text DEFAULT 'draft' NOT NULL,
	`checkedBy` integer,
	`approvedBy` integer,
	`cover` text,
	`itemCount` integer DEFAULT 0 NOT NULL,
	`marks` integer DEFAULT 0 NOT NULL,
	`minutes` integer DEFAULT 0 NOT NULL,
	`style` text,
	`frozenAt` text,
	`createdAt` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL,
	`updatedAt` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL,
	FOREIGN KEY (`previousId`) REFERENCES `papers`(`id`) ON UPDATE no action ON DELETE set null,
	FOREIGN KEY (`checkedBy`) REFERENCES `users`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`approvedBy`) REFERENCES `users`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "papers_kind" CHECK("papers"."kind" in ('practice', 'exam')),
	CONSTRAINT "papers_state" CHECK("papers"."state" in ('draft', 'checked', 'approved')),
	CONSTRAINT "papers_sat" CHECK(("papers"."style" is null) = ("papers"."frozenAt" is null))
);
--> statement-breakpoint
CREATE TABLE `parts` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`questionId` integer NOT NULL,
	`position` integer NOT NULL,
	`key` text NOT NULL,
	`kind` text NOT NULL,
	`skill` text,
	`school` text,
	`given` text NOT NULL,
	`locked` integer DEFAULT false NOT NULL,
	`edited` integer DEFAULT false NOT NULL,
	`scheme` text,
	`answerSpace` text,
	FOREIGN KEY (`questionId`) REFERENCES `questions`(`id`) ON UPDATE no action ON DELETE cascade,
	CONSTRAINT "parts_skill" CHECK(("parts"."skill" is null) = ("parts"."school" is null))
);
--> statement-breakpoint
CREATE TABLE `questions` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`sectionId` integer NOT NULL,
	`position` integer NOT NULL,
	`stem` text,
	FOREIGN KEY (`sectionId`) REFERENCES `sections`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `scheme_versions` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`partId` integer NOT NULL,
	`scheme` text NOT NULL,
	`withdrawn` text DEFAULT 'no' NOT NULL,
	`reason` text NOT NULL,
	`userId` integer NOT NULL,
	`at` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL,
	FOREIGN KEY (`partId`) REFERENCES `parts`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`userId`) REFERENCES `users`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "scheme_versions_withdrawn" CHECK("scheme_versions"."withdrawn" in ('no', 'full-marks', 'left-out'))
);
--> statement-breakpoint
CREATE TABLE `sections` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`paperId` integer NOT NULL,
	`position` integer NOT NULL,
	`key` text NOT NULL,
	`title` text DEFAULT '' NOT NULL,
	`instruction` text DEFAULT '' NOT NULL,
	`calculator` integer DEFAULT false NOT NULL,
	`plan` text,
	FOREIGN KEY (`paperId`) REFERENCES `papers`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `snapshots` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`formId` integer NOT NULL,
	`partId` integer NOT NULL,
	`item` text NOT NULL,
	`scheme` text NOT NULL,
	`printed` text,
	`by` text NOT NULL,
	FOREIGN KEY (`formId`) REFERENCES `forms`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`partId`) REFERENCES `parts`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `decisions` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`responseId` integer NOT NULL,
	`mark` text NOT NULL,
	`given` integer,
	`reason` text NOT NULL,
	`userId` integer NOT NULL,
	`at` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL,
	FOREIGN KEY (`responseId`) REFERENCES `responses`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`userId`) REFERENCES `users`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "decisions_given" CHECK("decisions"."given" is null or "decisions"."given" >= 0)
);
--> statement-breakpoint
CREATE TABLE `entries` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`responseId` integer NOT NULL,
	`step` text NOT NULL,
	`written` text NOT NULL,
	FOREIGN KEY (`responseId`) REFERENCES `responses`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `exposures` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`classId` integer NOT NULL,
	`sittingId` integer NOT NULL,
	`skill` text NOT NULL,
	`item` text NOT NULL,
	FOREIGN KEY (`classId`) REFERENCES `classes`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`sittingId`) REFERENCES `sittings`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `markings` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`scriptId` integer NOT NULL,
	`round` integer DEFAULT 1 NOT NULL,
	`userId` integer NOT NULL,
	FOREIGN KEY (`scriptId`) REFERENCES `scripts`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`userId`) REFERENCES `users`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "markings_round" CHECK("markings"."round" >= 1)
);
--> statement-breakpoint
CREATE TABLE `marks` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`responseId` integer NOT NULL,
	`mark` text NOT NULL,
	`available` integer NOT NULL,
	`proposed` integer NOT NULL,
	`because` text NOT NULL,
	FOREIGN KEY (`responseId`) REFERENCES `responses`(`id`) ON UPDATE no action ON DELETE cascade,
	CONSTRAINT "marks_proposed" CHECK("marks"."proposed" between 0 and "marks"."available")
);
--> statement-breakpoint
CREATE TABLE `responses` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`markingId` integer NOT NULL,
	`partId` integer NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	`attempt` text DEFAULT 'written' NOT NULL,
	`isMarked` integer DEFAULT false NOT NULL,
	`outcome` text,
	`comment` text DEFAULT '' NOT NULL,
	`updatedAt` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL,
	FOREIGN KEY (`markingId`) REFERENCES `markings`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`partId`) REFERENCES `parts`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "responses_attempt" CHECK("responses"."attempt" in ('written', 'crossed-out', 'another-method', 'not-attempted', 'absent'))
);
--> statement-breakpoint
CREATE TABLE `script_pages` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`scriptId` integer NOT NULL,
	`position` integer NOT NULL,
	`turn` integer DEFAULT 0 NOT NULL,
	`mediaType` text NOT NULL,
	`bytes` blob NOT NULL,
	`createdAt` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL,
	FOREIGN KEY (`scriptId`) REFERENCES `scripts`(`id`) ON UPDATE no action ON DELETE cascade,
	CONSTRAINT "pages_turn" CHECK("script_pages"."turn" in (0, 90, 180, 270))
);
--> statement-breakpoint
CREATE TABLE `scripts` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`sittingId` integer NOT NULL,
	`pupilId` integer,
	`formId` integer NOT NULL,
	`isAbsent` integer DEFAULT false NOT NULL,
	`markedItems` integer DEFAULT 0 NOT NULL,
	FOREIGN KEY (`sittingId`) REFERENCES `sittings`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`pupilId`) REFERENCES `pupils`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`formId`) REFERENCES `forms`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `simulated_work` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`scriptId` integer NOT NULL,
	`partId` integer NOT NULL,
	`working` text NOT NULL,
	`pattern` text,
	`slip` text,
	FOREIGN KEY (`scriptId`) REFERENCES `scripts`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`partId`) REFERENCES `parts`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `sittings` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`paperId` integer NOT NULL,
	`classId` integer NOT NULL,
	`satOn` text NOT NULL,
	`boundaries` text,
	`createdAt` text DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')) NOT NULL,
	FOREIGN KEY (`paperId`) REFERENCES `papers`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`classId`) REFERENCES `classes`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
INSERT INTO users (id, name, role) VALUES (1, 'Coordinator', 'coordinator');
--> statement-breakpoint
INSERT INTO house_styles (id, style, updatedAt)
SELECT id, json_remove(json_set(style, '$.methods', json_patch('{}', json_object(
  'column-subtraction', json_extract(style, '$.subtraction'),
  'mixed-subtraction', json_extract(style, '$.mixedNumbers'),
  'factorise-quadratic', json_extract(style, '$.quadratics') ||
    CASE json_extract(style, '$.commonFactor') WHEN 'last' THEN '-content-last' ELSE '' END))),
  '$.subtraction', '$.mixedNumbers', '$.quadratics', '$.commonFactor'), updatedAt FROM old_house_styles;
--> statement-breakpoint
INSERT INTO classes (id, name, createdAt) SELECT id, name, createdAt FROM old_classes;
--> statement-breakpoint
INSERT INTO pupils (id, classId, name) SELECT id, classId, name FROM old_pupils;
--> statement-breakpoint
INSERT INTO papers (id, title, seed, ramp, version, edition, previousId, itemCount, marks, minutes, style, frozenAt, createdAt, updatedAt)
SELECT id, title, seed, ramp, version, edition,
  CASE WHEN previousId IN (SELECT id FROM old_papers) THEN previousId END, itemCount, marks, minutes,
  CASE WHEN frozenAt IS NOT NULL THEN coalesce((SELECT style FROM house_styles ORDER BY id LIMIT 1), '{}') END,
  frozenAt, createdAt, updatedAt FROM old_papers;
--> statement-breakpoint
INSERT INTO sections (id, paperId, position, key, plan)
SELECT id, paperId, position, key, json_patch(json_object('kind', kind, 'skill', skill, 'school', school,
  'controls', json(controls), 'count', count),
  CASE WHEN spread IS NULL THEN '{}' ELSE json_object('spread', json(spread)) END)
FROM old_sections;
--> statement-breakpoint
INSERT INTO questions (id, sectionId, position) SELECT id, sectionId, position FROM old_paper_items;
--> statement-breakpoint
INSERT INTO parts (id, questionId, position, key, kind, skill, school, given, locked, edited, scheme)
SELECT i.id, i.id, 0, i.key, s.kind, s.skill, s.school, i.given, i.locked, i.edited, i.scheme
FROM old_paper_items i JOIN old_sections s ON s.id = i.sectionId;
--> statement-breakpoint
INSERT INTO forms (id, paperId, position, letter) SELECT id, id, 0, 'A' FROM old_papers;
--> statement-breakpoint
INSERT INTO snapshots (formId, partId, item, scheme, by)
SELECT s.paperId, i.id, json_extract(i.derived, '$.item'), json_extract(i.derived, '$.scheme'), json_extract(i.derived, '$.by')
FROM old_paper_items i JOIN old_sections s ON s.id = i.sectionId WHERE i.derived IS NOT NULL;
--> statement-breakpoint
INSERT INTO sittings (id, paperId, classId, satOn, createdAt) SELECT id, paperId, classId, satOn, createdAt FROM old_sittings;
--> statement-breakpoint
INSERT INTO scripts (id, sittingId, pupilId, formId, markedItems)
SELECT c.id, c.sittingId, c.pupilId, t.paperId, c.markedItems FROM old_scripts c JOIN old_sittings t ON t.id = c.sittingId;
--> statement-breakpoint
INSERT INTO markings (id, scriptId, round, userId)
SELECT id, id, 1, 1 FROM old_scripts WHERE id IN (SELECT scriptId FROM old_responses);
--> statement-breakpoint
INSERT INTO responses (id, markingId, partId, version, isMarked, outcome, updatedAt)
SELECT id, scriptId, itemId, version, isMarked, outcome, updatedAt FROM old_responses;
--> statement-breakpoint
INSERT INTO entries (id, responseId, step, written) SELECT id, responseId, step, written FROM old_entries;
--> statement-breakpoint
INSERT INTO marks (id, responseId, mark, available, proposed, because) SELECT id, responseId, mark, available, proposed, because FROM old_marks;
--> statement-breakpoint
INSERT INTO decisions (responseId, mark, given, reason, userId, at)
SELECT responseId, mark, given, coalesce(reason, ''), 1, coalesce(changedAt, strftime('%Y-%m-%dT%H:%M:%fZ', 'now'))
FROM old_marks WHERE given IS NOT NULL ORDER BY changedAt, id;
--> statement-breakpoint
INSERT INTO script_pages (id, scriptId, position, mediaType, bytes, createdAt)
SELECT id, scriptId, row_number() OVER (PARTITION BY scriptId ORDER BY id) - 1, mediaType, bytes, createdAt FROM old_script_pages;
--> statement-breakpoint
INSERT INTO simulated_work (id, scriptId, partId, working, pattern, slip) SELECT id, scriptId, itemId, working, pattern, slip FROM old_simulated_work;
--> statement-breakpoint
INSERT INTO logbook (id, at, userId, action, subject) SELECT id, at, 1, action, subject FROM old_logbook;
--> statement-breakpoint
DROP TABLE `old_logbook`;
--> statement-breakpoint
DROP TABLE `old_simulated_work`;
--> statement-breakpoint
DROP TABLE `old_script_pages`;
--> statement-breakpoint
DROP TABLE `old_marks`;
--> statement-breakpoint
DROP TABLE `old_entries`;
--> statement-breakpoint
DROP TABLE `old_responses`;
--> statement-breakpoint
DROP TABLE `old_scripts`;
--> statement-breakpoint
DROP TABLE `old_sittings`;
--> statement-breakpoint
DROP TABLE `old_paper_items`;
--> statement-breakpoint
DROP TABLE `old_sections`;
--> statement-breakpoint
DROP TABLE `old_papers`;
--> statement-breakpoint
DROP TABLE `old_pupils`;
--> statement-breakpoint
DROP TABLE `old_classes`;
--> statement-breakpoint
DROP TABLE `old_house_styles`;
--> statement-breakpoint
CREATE INDEX `bin_user` ON `bin` (`userId`);
--> statement-breakpoint
CREATE INDEX `bin_at` ON `bin` (`at`);
--> statement-breakpoint
CREATE INDEX `calibrations_skill` ON `calibrations` (`skill`);
--> statement-breakpoint
CREATE UNIQUE INDEX `classes_name` ON `classes` (`name`,`year`);
--> statement-breakpoint
CREATE UNIQUE INDEX `default_schemes_of` ON `default_schemes` (`skill`,`kind`);
--> statement-breakpoint
CREATE INDEX `logbook_at` ON `logbook` (`at`);
--> statement-breakpoint
CREATE INDEX `logbook_user` ON `logbook` (`userId`);
--> statement-breakpoint
CREATE INDEX `pupils_class` ON `pupils` (`classId`);
--> statement-breakpoint
CREATE INDEX `sessions_user` ON `sessions` (`userId`);
--> statement-breakpoint
CREATE INDEX `blueprints_paper` ON `blueprints` (`paperId`);
--> statement-breakpoint
CREATE INDEX `form_parts_part` ON `form_parts` (`partId`);
--> statement-breakpoint
CREATE UNIQUE INDEX `forms_order` ON `forms` (`paperId`,`position`);
--> statement-breakpoint
CREATE INDEX `papers_updated` ON `papers` (`updatedAt`);
--> statement-breakpoint
CREATE INDEX `papers_previous` ON `papers` (`previousId`);
--> statement-breakpoint
CREATE INDEX `papers_checked_by` ON `papers` (`checkedBy`);
--> statement-breakpoint
CREATE INDEX `papers_approved_by` ON `papers` (`approvedBy`);
--> statement-breakpoint
CREATE UNIQUE INDEX `parts_order` ON `parts` (`questionId`,`position`);
--> statement-breakpoint
CREATE UNIQUE INDEX `questions_order` ON `questions` (`sectionId`,`position`);
--> statement-breakpoint
CREATE INDEX `scheme_versions_part` ON `scheme_versions` (`partId`);
--> statement-breakpoint
CREATE INDEX `scheme_versions_user` ON `scheme_versions` (`userId`);
--> statement-breakpoint
CREATE UNIQUE INDEX `sections_order` ON `sections` (`paperId`,`position`);
--> statement-breakpoint
CREATE UNIQUE INDEX `snapshots_of` ON `snapshots` (`formId`,`partId`);
--> statement-breakpoint
CREATE INDEX `snapshots_part` ON `snapshots` (`partId`);
--> statement-breakpoint
CREATE INDEX `decisions_of` ON `decisions` (`responseId`,`mark`);
--> statement-breakpoint
CREATE INDEX `decisions_user` ON `decisions` (`userId`);
--> statement-breakpoint
CREATE UNIQUE INDEX `entries_step` ON `entries` (`responseId`,`step`);
--> statement-breakpoint
CREATE INDEX `exposures_met` ON `exposures` (`classId`,`skill`,`item`);
--> statement-breakpoint
CREATE INDEX `exposures_sitting` ON `exposures` (`sittingId`);
--> statement-breakpoint
CREATE UNIQUE INDEX `markings_of` ON `markings` (`scriptId`,`round`);
--> statement-breakpoint
CREATE INDEX `markings_user` ON `markings` (`userId`);
--> statement-breakpoint
CREATE UNIQUE INDEX `marks_line` ON `marks` (`responseId`,`mark`);
--> statement-breakpoint
CREATE UNIQUE INDEX `responses_of` ON `responses` (`markingId`,`partId`);
--> statement-breakpoint
CREATE INDEX `responses_part` ON `responses` (`partId`);
--> statement-breakpoint
CREATE INDEX `pages_script` ON `script_pages` (`scriptId`);
--> statement-breakpoint
CREATE UNIQUE INDEX `scripts_of` ON `scripts` (`sittingId`,`pupilId`);
--> statement-breakpoint
CREATE INDEX `scripts_pupil` ON `scripts` (`pupilId`);
--> statement-breakpoint
CREATE INDEX `scripts_form` ON `scripts` (`formId`);
--> statement-breakpoint
CREATE UNIQUE INDEX `simulated_of` ON `simulated_work` (`scriptId`,`partId`);
--> statement-breakpoint
CREATE INDEX `simulated_part` ON `simulated_work` (`partId`);
--> statement-breakpoint
CREATE UNIQUE INDEX `sittings_of` ON `sittings` (`paperId`,`classId`,`satOn`);
--> statement-breakpoint
CREATE INDEX `sittings_class` ON `sittings` (`classId`);
--> statement-breakpoint
CREATE TRIGGER decisions_stay BEFORE UPDATE ON decisions
BEGIN
  SELECT raise(ABORT, 'decisions are only added to');
END;
--> statement-breakpoint
CREATE TRIGGER decisions_kept BEFORE DELETE ON decisions
WHEN EXISTS (SELECT 1 FROM responses WHERE id = old.responseId)
BEGIN
  SELECT raise(ABORT, 'decisions are only added to');
END;
--> statement-breakpoint
CREATE TRIGGER logbook_stays BEFORE UPDATE ON logbook
BEGIN
  SELECT raise(ABORT, 'the logbook is only added to');
END;
--> statement-breakpoint
CREATE TRIGGER logbook_kept BEFORE DELETE ON logbook
BEGIN
  SELECT raise(ABORT, 'the logbook is only added to');
END;
