-- step 20261124044759_Initial
CREATE TABLE IF NOT EXISTS "__EFMigrationsHistory" (
    "MigrationId" TEXT NOT NULL CONSTRAINT "PK___EFMigrationsHistory" PRIMARY KEY,
    "ProductVersion" TEXT NOT NULL
);

BEGIN TRANSACTION;
CREATE TABLE "AspNetUsers" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_AspNetUsers" PRIMARY KEY AUTOINCREMENT,
    "DisplayName" TEXT NOT NULL,
    "UserName" TEXT NULL,
    "NormalizedUserName" TEXT NULL,
    "Email" TEXT NULL,
    "NormalizedEmail" TEXT NULL,
    "EmailConfirmed" INTEGER NOT NULL,
    "PasswordHash" TEXT NULL,
    "SecurityStamp" TEXT NULL,
    "ConcurrencyStamp" TEXT NULL,
    "PhoneNumber" TEXT NULL,
    "PhoneNumberConfirmed" INTEGER NOT NULL,
    "TwoFactorEnabled" INTEGER NOT NULL,
    "LockoutEnd" INTEGER NULL,
    "LockoutEnabled" INTEGER NOT NULL,
    "AccessFailedCount" INTEGER NOT NULL
);

CREATE TABLE "Sites" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Sites" PRIMARY KEY AUTOINCREMENT,
    "PublicKey" TEXT NOT NULL,
    "Name" TEXT NOT NULL,
    "Address" TEXT NOT NULL,
    "TimeZone" TEXT NOT NULL,
    "Language" TEXT NOT NULL,
    "AllowedAddresses" TEXT NOT NULL,
    "CreatedAt" INTEGER NOT NULL,
    "ContentVersion" INTEGER NOT NULL
);

CREATE TABLE "ApiTokens" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_ApiTokens" PRIMARY KEY AUTOINCREMENT,
    "PersonId" INTEGER NOT NULL,
    "Name" TEXT NOT NULL,
    "Hash" TEXT NOT NULL,
    "CreatedAt" INTEGER NOT NULL,
    "LastUsedAt" INTEGER NULL,
    CONSTRAINT "FK_ApiTokens_AspNetUsers_PersonId" FOREIGN KEY ("PersonId") REFERENCES "AspNetUsers" ("Id") ON DELETE CASCADE
);

CREATE TABLE "AspNetUserClaims" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_AspNetUserClaims" PRIMARY KEY AUTOINCREMENT,
    "UserId" INTEGER NOT NULL,
    "ClaimType" TEXT NULL,
    "ClaimValue" TEXT NULL,
    CONSTRAINT "FK_AspNetUserClaims_AspNetUsers_UserId" FOREIGN KEY ("UserId") REFERENCES "AspNetUsers" ("Id") ON DELETE CASCADE
);

CREATE TABLE "AspNetUserLogins" (
    "LoginProvider" TEXT NOT NULL,
    "ProviderKey" TEXT NOT NULL,
    "ProviderDisplayName" TEXT NULL,
    "UserId" INTEGER NOT NULL,
    CONSTRAINT "PK_AspNetUserLogins" PRIMARY KEY ("LoginProvider", "ProviderKey"),
    CONSTRAINT "FK_AspNetUserLogins_AspNetUsers_UserId" FOREIGN KEY ("UserId") REFERENCES "AspNetUsers" ("Id") ON DELETE CASCADE
);

CREATE TABLE "AspNetUserTokens" (
    "UserId" INTEGER NOT NULL,
    "LoginProvider" TEXT NOT NULL,
    "Name" TEXT NOT NULL,
    "Value" TEXT NULL,
    CONSTRAINT "PK_AspNetUserTokens" PRIMARY KEY ("UserId", "LoginProvider", "Name"),
    CONSTRAINT "FK_AspNetUserTokens_AspNetUsers_UserId" FOREIGN KEY ("UserId") REFERENCES "AspNetUsers" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Blogs" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Blogs" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Key" TEXT NOT NULL,
    "Name" TEXT NOT NULL,
    "Description" TEXT NULL,
    "HomeAddress" TEXT NULL,
    "CreatedAt" INTEGER NOT NULL,
    CONSTRAINT "FK_Blogs_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Listings" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Listings" PRIMARY KEY AUTOINCREMENT,
    "Key" TEXT NOT NULL,
    "SiteId" INTEGER NOT NULL,
    "Name" TEXT NOT NULL,
    "Definition" TEXT NOT NULL,
    "PageAddress" TEXT NULL,
    "CreatedAt" INTEGER NOT NULL,
    "UpdatedAt" INTEGER NOT NULL,
    CONSTRAINT "FK_Listings_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Memberships" (
    "SiteId" INTEGER NOT NULL,
    "PersonId" INTEGER NOT NULL,
    "Role" TEXT NOT NULL,
    CONSTRAINT "PK_Memberships" PRIMARY KEY ("SiteId", "PersonId"),
    CONSTRAINT "FK_Memberships_AspNetUsers_PersonId" FOREIGN KEY ("PersonId") REFERENCES "AspNetUsers" ("Id") ON DELETE CASCADE,
    CONSTRAINT "FK_Memberships_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Subscribers" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Subscribers" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Mail" TEXT NOT NULL,
    "Name" TEXT NULL,
    "Key" TEXT NOT NULL,
    "CreatedAt" INTEGER NOT NULL,
    "LeftAt" INTEGER NULL,
    CONSTRAINT "FK_Subscribers_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Followings" (
    "BlogId" INTEGER NOT NULL CONSTRAINT "PK_Followings" PRIMARY KEY,
    "FeedAddress" TEXT NOT NULL,
    "ETag" TEXT NULL,
    "LastModified" TEXT NULL,
    "LastVisitAt" INTEGER NULL,
    "LastGoodAt" INTEGER NULL,
    "NextVisitAt" INTEGER NOT NULL,
    "Failures" INTEGER NOT NULL,
    "Problem" TEXT NULL,
    "ProblemDetail" TEXT NULL,
    "LeaseUntil" INTEGER NULL,
    CONSTRAINT "FK_Followings_Blogs_BlogId" FOREIGN KEY ("BlogId") REFERENCES "Blogs" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Posts" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Posts" PRIMARY KEY AUTOINCREMENT,
    "Key" TEXT NOT NULL,
    "SiteId" INTEGER NOT NULL,
    "BlogId" INTEGER NOT NULL,
    "Title" TEXT NOT NULL,
    "Slug" TEXT NOT NULL,
    "BodyHtml" TEXT NOT NULL,
    "Excerpt" TEXT NULL,
    "PictureAddress" TEXT NULL,
    "PictureAlt" TEXT NULL,
    "Author" TEXT NULL,
    "Category" TEXT NULL,
    "Status" TEXT NOT NULL,
    "PublishedAt" INTEGER NULL,
    "CreatedAt" INTEGER NOT NULL,
    "UpdatedAt" INTEGER NOT NULL,
    "SourceId" TEXT NULL,
    "SourceAddress" TEXT NULL,
    "Revision" INTEGER NOT NULL,
    CONSTRAINT "FK_Posts_Blogs_BlogId" FOREIGN KEY ("BlogId") REFERENCES "Blogs" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Sightings" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Sightings" PRIMARY KEY AUTOINCREMENT,
    "ListingId" INTEGER NOT NULL,
    "PageAddress" TEXT NOT NULL,
    "LookedAt" INTEGER NOT NULL,
    "SeenAt" INTEGER NULL,
    "IsThere" INTEGER NOT NULL,
    CONSTRAINT "FK_Sightings_Listings_ListingId" FOREIGN KEY ("ListingId") REFERENCES "Listings" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Deliveries" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Deliveries" PRIMARY KEY AUTOINCREMENT,
    "Key" TEXT NOT NULL,
    "SiteId" INTEGER NOT NULL,
    "PostId" INTEGER NOT NULL,
    "SubscriberId" INTEGER NOT NULL,
    "State" TEXT NOT NULL,
    "Attempts" INTEGER NOT NULL,
    "NextAttemptAt" INTEGER NOT NULL,
    "CreatedAt" INTEGER NOT NULL,
    "DeliveredAt" INTEGER NULL,
    "LastAnswer" TEXT NULL,
    CONSTRAINT "FK_Deliveries_Posts_PostId" FOREIGN KEY ("PostId") REFERENCES "Posts" ("Id") ON DELETE CASCADE,
    CONSTRAINT "FK_Deliveries_Subscribers_SubscriberId" FOREIGN KEY ("SubscriberId") REFERENCES "Subscribers" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Threads" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Threads" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Identifier" TEXT NOT NULL,
    "Address" TEXT NULL,
    "FoldedAddress" TEXT NULL,
    "Title" TEXT NOT NULL,
    "PostId" INTEGER NULL,
    "CreatedAt" INTEGER NOT NULL,
    "Version" INTEGER NOT NULL,
    CONSTRAINT "FK_Threads_Posts_PostId" FOREIGN KEY ("PostId") REFERENCES "Posts" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Threads_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Comments" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Comments" PRIMARY KEY AUTOINCREMENT,
    "Key" TEXT NOT NULL,
    "SiteId" INTEGER NOT NULL,
    "ThreadId" INTEGER NOT NULL,
    "ParentId" INTEGER NULL,
    "Author" TEXT NOT NULL,
    "Mail" TEXT NULL,
    "IsTeam" INTEGER NOT NULL,
    "Text" TEXT NOT NULL,
    "Html" TEXT NOT NULL,
    "Standing" TEXT NOT NULL,
    "WaitReason" TEXT NULL,
    "CreatedAt" INTEGER NOT NULL,
    "DecidedAt" INTEGER NULL,
    "DecidedById" INTEGER NULL,
    "SubmissionKey" TEXT NULL,
    CONSTRAINT "FK_Comments_Threads_ThreadId" FOREIGN KEY ("ThreadId") REFERENCES "Threads" ("Id") ON DELETE CASCADE
);

CREATE UNIQUE INDEX "IX_ApiTokens_Hash" ON "ApiTokens" ("Hash");

CREATE INDEX "IX_ApiTokens_PersonId" ON "ApiTokens" ("PersonId");

CREATE INDEX "IX_AspNetUserClaims_UserId" ON "AspNetUserClaims" ("UserId");

CREATE INDEX "IX_AspNetUserLogins_UserId" ON "AspNetUserLogins" ("UserId");

CREATE INDEX "EmailIndex" ON "AspNetUsers" ("NormalizedEmail");

CREATE UNIQUE INDEX "UserNameIndex" ON "AspNetUsers" ("NormalizedUserName");

CREATE UNIQUE INDEX "IX_Blogs_Key" ON "Blogs" ("Key");

CREATE INDEX "IX_Blogs_SiteId" ON "Blogs" ("SiteId");

CREATE UNIQUE INDEX "IX_Comments_Key" ON "Comments" ("Key");

CREATE INDEX "IX_Comments_SiteId_Mail" ON "Comments" ("SiteId", "Mail");

CREATE INDEX "IX_Comments_SiteId_Standing_Id" ON "Comments" ("SiteId", "Standing", "Id");

CREATE INDEX "IX_Comments_ThreadId_Standing_CreatedAt" ON "Comments" ("ThreadId", "Standing", "CreatedAt");

CREATE UNIQUE INDEX "IX_Comments_ThreadId_SubmissionKey" ON "Comments" ("ThreadId", "SubmissionKey");

CREATE UNIQUE INDEX "IX_Deliveries_Key" ON "Deliveries" ("Key");

CREATE UNIQUE INDEX "IX_Deliveries_PostId_SubscriberId" ON "Deliveries" ("PostId", "SubscriberId");

CREATE INDEX "IX_Deliveries_SiteId_CreatedAt_Id" ON "Deliveries" ("SiteId", "CreatedAt", "Id");

CREATE INDEX "IX_Deliveries_State_NextAttemptAt" ON "Deliveries" ("State", "NextAttemptAt");

CREATE INDEX "IX_Deliveries_SubscriberId" ON "Deliveries" ("SubscriberId");

CREATE INDEX "IX_Followings_NextVisitAt" ON "Followings" ("NextVisitAt");

CREATE UNIQUE INDEX "IX_Listings_Key" ON "Listings" ("Key");

CREATE INDEX "IX_Listings_SiteId" ON "Listings" ("SiteId");

CREATE INDEX "IX_Memberships_PersonId" ON "Memberships" ("PersonId");

CREATE UNIQUE INDEX "IX_Posts_BlogId_Slug" ON "Posts" ("BlogId", "Slug");

CREATE UNIQUE INDEX "IX_Posts_BlogId_SourceId" ON "Posts" ("BlogId", "SourceId");

CREATE UNIQUE INDEX "IX_Posts_Key" ON "Posts" ("Key");

CREATE INDEX "IX_Posts_SiteId_PublishedAt_Id" ON "Posts" ("SiteId", "PublishedAt", "Id");

CREATE UNIQUE INDEX "IX_Sightings_ListingId_PageAddress" ON "Sightings" ("ListingId", "PageAddress");

CREATE UNIQUE INDEX "IX_Sites_PublicKey" ON "Sites" ("PublicKey");

CREATE UNIQUE INDEX "IX_Subscribers_Key" ON "Subscribers" ("Key");

CREATE UNIQUE INDEX "IX_Subscribers_SiteId_Mail" ON "Subscribers" ("SiteId", "Mail");

CREATE INDEX "IX_Threads_PostId" ON "Threads" ("PostId");

CREATE INDEX "IX_Threads_SiteId_FoldedAddress" ON "Threads" ("SiteId", "FoldedAddress");

CREATE UNIQUE INDEX "IX_Threads_SiteId_Identifier" ON "Threads" ("SiteId", "Identifier");

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261124044759_Initial', '10.0.15');

COMMIT;

-- step 20261124044813_VersionTriggers
BEGIN TRANSACTION;
CREATE TRIGGER TR_Posts_Insert AFTER INSERT ON Posts BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.SiteId;
END;

CREATE TRIGGER TR_Posts_Update AFTER UPDATE ON Posts BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.SiteId;
END;

CREATE TRIGGER TR_Posts_Delete AFTER DELETE ON Posts BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = OLD.SiteId;
END;

CREATE TRIGGER TR_Blogs_Insert AFTER INSERT ON Blogs BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.SiteId;
END;

CREATE TRIGGER TR_Blogs_Update AFTER UPDATE ON Blogs BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.SiteId;
END;

CREATE TRIGGER TR_Blogs_Delete AFTER DELETE ON Blogs BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = OLD.SiteId;
END;

CREATE TRIGGER TR_Listings_Insert AFTER INSERT ON Listings BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.SiteId;
END;

CREATE TRIGGER TR_Listings_Update AFTER UPDATE ON Listings BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.SiteId;
END;

CREATE TRIGGER TR_Listings_Delete AFTER DELETE ON Listings BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = OLD.SiteId;
END;

CREATE TRIGGER TR_Sites_Update AFTER UPDATE OF Name, Address, TimeZone, Language, AllowedAddresses ON Sites BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.Id;
END;

CREATE TRIGGER TR_Comments_Insert AFTER INSERT ON Comments BEGIN
    UPDATE Threads SET Version = Version + 1 WHERE Id = NEW.ThreadId;
END;

CREATE TRIGGER TR_Comments_Update AFTER UPDATE ON Comments BEGIN
    UPDATE Threads SET Version = Version + 1 WHERE Id = NEW.ThreadId;
END;

CREATE TRIGGER TR_Comments_Delete AFTER DELETE ON Comments BEGIN
    UPDATE Threads SET Version = Version + 1 WHERE Id = OLD.ThreadId;
END;

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261124044813_VersionTriggers', '10.0.15');

COMMIT;

-- step 20261126130515_TagsAndFeatured
BEGIN TRANSACTION;
ALTER TABLE "Posts" ADD "IsFeatured" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Posts" ADD "Tags" TEXT NOT NULL DEFAULT '[]';

CREATE TRIGGER TR_Comments_PublicInsert AFTER INSERT ON Comments WHEN NEW.Standing = 'Public' BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.SiteId;
END;

CREATE TRIGGER TR_Comments_PublicUpdate AFTER UPDATE OF Standing ON Comments WHEN NEW.Standing <> OLD.Standing AND 'Public' IN (NEW.Standing, OLD.Standing) BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.SiteId;
END;

CREATE TRIGGER TR_Comments_PublicDelete AFTER DELETE ON Comments WHEN OLD.Standing = 'Public' BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = OLD.SiteId;
END;

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261126130515_TagsAndFeatured', '10.0.15');

COMMIT;

-- step 20261126144550_LooksAndSearch
BEGIN TRANSACTION;
ALTER TABLE "Posts" ADD "AboutAddress" TEXT NULL;

ALTER TABLE "Posts" ADD "FocusX" INTEGER NOT NULL DEFAULT 50;

ALTER TABLE "Posts" ADD "FocusY" INTEGER NOT NULL DEFAULT 50;

ALTER TABLE "Posts" ADD "PlainText" TEXT NULL;

ALTER TABLE "Listings" ADD "ArchivedAt" INTEGER NULL;

ALTER TABLE "Listings" ADD "Spot" TEXT NULL;

ALTER TABLE "Blogs" ADD "ShowsPostsAtHome" INTEGER NOT NULL DEFAULT 0;

CREATE TABLE "Looks" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Looks" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Name" TEXT NOT NULL,
    "Definition" TEXT NOT NULL,
    "UpdatedAt" INTEGER NOT NULL
);

ALTER TABLE Listings ADD COLUMN LookId INTEGER NULL REFERENCES Looks (Id) ON DELETE SET NULL;

CREATE INDEX "IX_Listings_LookId" ON "Listings" ("LookId");

CREATE INDEX "IX_Looks_SiteId" ON "Looks" ("SiteId");

CREATE TRIGGER TR_Looks_Insert AFTER INSERT ON Looks BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.SiteId;
END;

CREATE TRIGGER TR_Looks_Update AFTER UPDATE ON Looks BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.SiteId;
END;

CREATE TRIGGER TR_Looks_Delete AFTER DELETE ON Looks BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = OLD.SiteId;
END;

CREATE VIRTUAL TABLE PostTexts USING fts5(Title, PlainText, content='Posts', content_rowid='Id', tokenize="unicode61 remove_diacritics 2");

INSERT INTO PostTexts(PostTexts) VALUES ('rebuild');

CREATE TRIGGER TR_PostTexts_Insert AFTER INSERT ON Posts BEGIN INSERT INTO PostTexts(rowid, Title, PlainText) VALUES (NEW.Id, NEW.Title, NEW.PlainText); END;

CREATE TRIGGER TR_PostTexts_Delete AFTER DELETE ON Posts BEGIN INSERT INTO PostTexts(PostTexts, rowid, Title, PlainText) VALUES ('delete', OLD.Id, OLD.Title, OLD.PlainText); END;

CREATE TRIGGER TR_PostTexts_Update AFTER UPDATE OF Title, PlainText ON Posts BEGIN INSERT INTO PostTexts(PostTexts, rowid, Title, PlainText) VALUES ('delete', OLD.Id, OLD.Title, OLD.PlainText); INSERT INTO PostTexts(rowid, Title, PlainText) VALUES (NEW.Id, NEW.Title, NEW.PlainText); END;

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261126144550_LooksAndSearch', '10.0.15');

COMMIT;

-- step 20261126175750_FollowingAndWatching
BEGIN TRANSACTION;
ALTER TABLE "Followings" ADD "Asked" TEXT NULL;

ALTER TABLE "Followings" ADD "Entries" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Followings" ADD "Host" TEXT NULL;

ALTER TABLE "Followings" ADD "IdsChange" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Followings" ADD "MaxAgeSeconds" INTEGER NULL;

ALTER TABLE "Followings" ADD "PauseReason" TEXT NOT NULL DEFAULT ('Usual');

ALTER TABLE "Followings" ADD "PauseSeconds" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Followings" ADD "Standing" TEXT NOT NULL DEFAULT 'Active';

CREATE TABLE "FeedMoves" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_FeedMoves" PRIMARY KEY AUTOINCREMENT,
    "BlogId" INTEGER NOT NULL,
    "From" TEXT NOT NULL,
    "To" TEXT NOT NULL,
    "At" INTEGER NOT NULL,
    CONSTRAINT "FK_FeedMoves_Followings_BlogId" FOREIGN KEY ("BlogId") REFERENCES "Followings" ("BlogId") ON DELETE CASCADE
);

CREATE TABLE "FeedSettings" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_FeedSettings" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Subject" TEXT NOT NULL,
    "SubjectId" INTEGER NOT NULL,
    "Entries" INTEGER NOT NULL,
    "IsFullText" INTEGER NOT NULL,
    "HasHistory" INTEGER NOT NULL,
    "AsRss" INTEGER NOT NULL,
    "AsAtom" INTEGER NOT NULL,
    "AsJson" INTEGER NOT NULL,
    "Title" TEXT NULL,
    "Description" TEXT NULL,
    "PictureAddress" TEXT NULL,
    "Language" TEXT NULL,
    "Copyright" TEXT NULL,
    "RedirectTo" TEXT NULL,
    CONSTRAINT "FK_FeedSettings_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "FeedVisits" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_FeedVisits" PRIMARY KEY AUTOINCREMENT,
    "BlogId" INTEGER NOT NULL,
    "At" INTEGER NOT NULL,
    "Outcome" TEXT NOT NULL,
    "Status" INTEGER NULL,
    "Milliseconds" INTEGER NOT NULL,
    "Bytes" INTEGER NOT NULL,
    "NewEntries" INTEGER NOT NULL,
    "ChangedEntries" INTEGER NOT NULL,
    "Problem" TEXT NULL,
    "ProblemDetail" TEXT NULL,
    CONSTRAINT "FK_FeedVisits_Followings_BlogId" FOREIGN KEY ("BlogId") REFERENCES "Followings" ("BlogId") ON DELETE CASCADE
);

CREATE TABLE "HubSubscriptions" (
    "BlogId" INTEGER NOT NULL CONSTRAINT "PK_HubSubscriptions" PRIMARY KEY,
    "Hub" TEXT NOT NULL,
    "Topic" TEXT NOT NULL,
    "Key" TEXT NOT NULL,
    "Secret" TEXT NOT NULL,
    "State" TEXT NOT NULL,
    "AskedAt" INTEGER NOT NULL,
    "LeaseUntil" INTEGER NULL,
    "RenewAt" INTEGER NOT NULL,
    "PushedAt" INTEGER NULL,
    CONSTRAINT "FK_HubSubscriptions_Followings_BlogId" FOREIGN KEY ("BlogId") REFERENCES "Followings" ("BlogId") ON DELETE CASCADE
);

CREATE TABLE "Notices" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Notices" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "At" INTEGER NOT NULL,
    "IsTrouble" INTEGER NOT NULL,
    "Title" TEXT NOT NULL,
    "Text" TEXT NOT NULL,
    "Path" TEXT NOT NULL,
    "DoneAt" INTEGER NULL,
    CONSTRAINT "FK_Notices_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "WatchedFeeds" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_WatchedFeeds" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Name" TEXT NOT NULL,
    "Address" TEXT NOT NULL,
    "BlogId" INTEGER NULL,
    "CreatedAt" INTEGER NOT NULL,
    "NextCheckAt" INTEGER NOT NULL,
    "LeaseUntil" INTEGER NULL,
    "CheckedAt" INTEGER NULL,
    "Failures" INTEGER NOT NULL,
    "ETag" TEXT NULL,
    "LastModified" TEXT NULL,
    "WasGood" INTEGER NULL,
    "RepairKey" TEXT NULL,
    "Repaired" BLOB NULL,
    "RepairedType" TEXT NULL,
    "RepairedChanges" INTEGER NOT NULL,
    "RepairedAt" INTEGER NULL,
    CONSTRAINT "FK_WatchedFeeds_Blogs_BlogId" FOREIGN KEY ("BlogId") REFERENCES "Blogs" ("Id") ON DELETE CASCADE,
    CONSTRAINT "FK_WatchedFeeds_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "NoticeMails" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_NoticeMails" PRIMARY KEY AUTOINCREMENT,
    "NoticeId" INTEGER NOT NULL,
    "Key" TEXT NOT NULL,
    "Name" TEXT NOT NULL,
    "Address" TEXT NOT NULL,
    "SentAt" INTEGER NULL,
    "FailedAt" INTEGER NULL,
    "Attempts" INTEGER NOT NULL,
    "NextAttemptAt" INTEGER NOT NULL,
    CONSTRAINT "FK_NoticeMails_Notices_NoticeId" FOREIGN KEY ("NoticeId") REFERENCES "Notices" ("Id") ON DELETE CASCADE
);

CREATE TABLE "WatchRecords" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_WatchRecords" PRIMARY KEY AUTOINCREMENT,
    "WatchedFeedId" INTEGER NOT NULL,
    "From" INTEGER NOT NULL,
    "Until" INTEGER NOT NULL,
    "Checks" INTEGER NOT NULL,
    "Verdict" TEXT NULL,
    "Problem" TEXT NULL,
    "ProblemDetail" TEXT NULL,
    "Errors" INTEGER NOT NULL,
    "Warnings" INTEGER NOT NULL,
    "Advice" INTEGER NOT NULL,
    "Findings" TEXT NOT NULL,
    CONSTRAINT "FK_WatchRecords_WatchedFeeds_WatchedFeedId" FOREIGN KEY ("WatchedFeedId") REFERENCES "WatchedFeeds" ("Id") ON DELETE CASCADE
);

CREATE INDEX "IX_FeedMoves_BlogId" ON "FeedMoves" ("BlogId");

CREATE UNIQUE INDEX "IX_FeedSettings_SiteId_Subject_SubjectId" ON "FeedSettings" ("SiteId", "Subject", "SubjectId");

CREATE INDEX "IX_FeedVisits_BlogId_Id" ON "FeedVisits" ("BlogId", "Id");

CREATE UNIQUE INDEX "IX_HubSubscriptions_Key" ON "HubSubscriptions" ("Key");

CREATE INDEX "IX_HubSubscriptions_RenewAt" ON "HubSubscriptions" ("RenewAt");

CREATE UNIQUE INDEX "IX_NoticeMails_Key" ON "NoticeMails" ("Key");

CREATE INDEX "IX_NoticeMails_NoticeId" ON "NoticeMails" ("NoticeId");

CREATE INDEX "IX_NoticeMails_SentAt_FailedAt_NextAttemptAt" ON "NoticeMails" ("SentAt", "FailedAt", "NextAttemptAt");

CREATE INDEX "IX_Notices_SiteId_DoneAt_Id" ON "Notices" ("SiteId", "DoneAt", "Id");

CREATE INDEX "IX_WatchedFeeds_BlogId" ON "WatchedFeeds" ("BlogId");

CREATE INDEX "IX_WatchedFeeds_NextCheckAt" ON "WatchedFeeds" ("NextCheckAt");

CREATE UNIQUE INDEX "IX_WatchedFeeds_RepairKey" ON "WatchedFeeds" ("RepairKey");

CREATE UNIQUE INDEX "IX_WatchedFeeds_SiteId_Address" ON "WatchedFeeds" ("SiteId", "Address");

CREATE INDEX "IX_WatchRecords_WatchedFeedId_Id" ON "WatchRecords" ("WatchedFeedId", "Id");

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261126175750_FollowingAndWatching', '10.0.15');

COMMIT;

-- step 20261126195746_PostVersions
BEGIN TRANSACTION;
CREATE TABLE "PostVersions" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_PostVersions" PRIMARY KEY AUTOINCREMENT,
    "PostId" INTEGER NOT NULL,
    "PersonId" INTEGER NULL,
    "PersonName" TEXT NULL,
    "BeganAt" INTEGER NOT NULL,
    "SavedAt" INTEGER NOT NULL,
    "WasPublic" INTEGER NOT NULL,
    "Title" TEXT NOT NULL,
    "BodyHtml" TEXT NOT NULL,
    "Excerpt" TEXT NULL,
    CONSTRAINT "FK_PostVersions_Posts_PostId" FOREIGN KEY ("PostId") REFERENCES "Posts" ("Id") ON DELETE CASCADE
);

CREATE INDEX "IX_PostVersions_PostId_Id" ON "PostVersions" ("PostId", "Id");

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261126195746_PostVersions', '10.0.15');

COMMIT;

-- step 20261126212423_WritingAndTerms
BEGIN TRANSACTION;
ALTER TABLE "Posts" ADD "DeletedAt" INTEGER NULL;

ALTER TABLE "Posts" ADD "Details" TEXT NOT NULL DEFAULT '{}';

ALTER TABLE "Posts" ADD "Findings" INTEGER NULL;

ALTER TABLE "Posts" ADD "IsPinned" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Posts" ADD "OwnValues" TEXT NOT NULL DEFAULT '[]';

ALTER TABLE "Posts" ADD "PublishLocal" TEXT NULL;

ALTER TABLE "Posts" ADD "ReviewNote" TEXT NULL;

ALTER TABLE "Posts" ADD "ReviewerId" INTEGER NULL;

ALTER TABLE "Posts" ADD "ListedAt" AS (COALESCE(PublishedAt, UpdatedAt));

CREATE TABLE "Authors" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Authors" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Name" TEXT NOT NULL,
    "About" TEXT NULL,
    "Link" TEXT NULL,
    "PictureAddress" TEXT NULL
);

CREATE TABLE "BlogFields" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_BlogFields" PRIMARY KEY AUTOINCREMENT,
    "BlogId" INTEGER NOT NULL,
    "Position" INTEGER NOT NULL,
    "Definition" TEXT NOT NULL,
    CONSTRAINT "FK_BlogFields_Blogs_BlogId" FOREIGN KEY ("BlogId") REFERENCES "Blogs" ("Id") ON DELETE CASCADE
);

CREATE TABLE "BulkChanges" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_BulkChanges" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "PersonId" INTEGER NOT NULL,
    "MadeAt" INTEGER NOT NULL,
    "UndoneAt" INTEGER NULL,
    "Before" TEXT NOT NULL
);

CREATE TABLE "Categories" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Categories" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Name" TEXT NOT NULL,
    "Above" TEXT NULL,
    "Description" TEXT NULL
);

CREATE TABLE "PostPresences" (
    "PostId" INTEGER NOT NULL,
    "PersonId" INTEGER NOT NULL,
    "PersonName" TEXT NOT NULL,
    "SeenAt" INTEGER NOT NULL,
    CONSTRAINT "PK_PostPresences" PRIMARY KEY ("PostId", "PersonId"),
    CONSTRAINT "FK_PostPresences_Posts_PostId" FOREIGN KEY ("PostId") REFERENCES "Posts" ("Id") ON DELETE CASCADE
);

CREATE TABLE "PreviewLinks" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_PreviewLinks" PRIMARY KEY AUTOINCREMENT,
    "Key" TEXT NOT NULL,
    "PostId" INTEGER NOT NULL,
    "MadeAt" INTEGER NOT NULL,
    "ExpiresAt" INTEGER NOT NULL,
    CONSTRAINT "FK_PreviewLinks_Posts_PostId" FOREIGN KEY ("PostId") REFERENCES "Posts" ("Id") ON DELETE CASCADE
);

CREATE TABLE "ReviewRemarks" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_ReviewRemarks" PRIMARY KEY AUTOINCREMENT,
    "PostId" INTEGER NOT NULL,
    "PersonId" INTEGER NOT NULL,
    "PersonName" TEXT NOT NULL,
    "Passage" TEXT NULL,
    "Text" TEXT NOT NULL,
    "MadeAt" INTEGER NOT NULL,
    "DoneAt" INTEGER NULL,
    CONSTRAINT "FK_ReviewRemarks_Posts_PostId" FOREIGN KEY ("PostId") REFERENCES "Posts" ("Id") ON DELETE CASCADE
);

CREATE TABLE "SiteActs" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_SiteActs" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "PersonId" INTEGER NOT NULL,
    "PersonName" TEXT NOT NULL,
    "At" INTEGER NOT NULL,
    "What" TEXT NOT NULL,
    "PostId" INTEGER NULL
);

CREATE TABLE "WaitingChanges" (
    "PostId" INTEGER NOT NULL CONSTRAINT "PK_WaitingChanges" PRIMARY KEY,
    "Content" TEXT NOT NULL,
    "PersonName" TEXT NOT NULL,
    "SavedAt" INTEGER NOT NULL,
    CONSTRAINT "FK_WaitingChanges_Posts_PostId" FOREIGN KEY ("PostId") REFERENCES "Posts" ("Id") ON DELETE CASCADE
);

CREATE INDEX "IX_Posts_DeletedAt" ON "Posts" ("DeletedAt");

CREATE INDEX "IX_Posts_SiteId_ListedAt_Id" ON "Posts" ("SiteId", "ListedAt", "Id");

CREATE INDEX IX_Posts_SiteId_Title ON Posts (SiteId, Title COLLATE NOCASE, Id);

CREATE INDEX "IX_Posts_SiteId_UpdatedAt_Id" ON "Posts" ("SiteId", "UpdatedAt", "Id");

CREATE UNIQUE INDEX "IX_Authors_SiteId_Name" ON "Authors" ("SiteId", "Name");

CREATE INDEX "IX_BlogFields_BlogId_Position" ON "BlogFields" ("BlogId", "Position");

CREATE INDEX "IX_BulkChanges_SiteId_MadeAt" ON "BulkChanges" ("SiteId", "MadeAt");

CREATE UNIQUE INDEX "IX_Categories_SiteId_Name" ON "Categories" ("SiteId", "Name");

CREATE UNIQUE INDEX "IX_PreviewLinks_Key" ON "PreviewLinks" ("Key");

CREATE INDEX "IX_PreviewLinks_PostId" ON "PreviewLinks" ("PostId");

CREATE INDEX "IX_ReviewRemarks_PostId_Id" ON "ReviewRemarks" ("PostId", "Id");

CREATE INDEX "IX_SiteActs_SiteId_Id" ON "SiteActs" ("SiteId", "Id");

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261126212423_WritingAndTerms', '10.0.15');

COMMIT;

-- step 20261126213614_PicturesAndImports
BEGIN TRANSACTION;
ALTER TABLE "Posts" ADD "ImportId" INTEGER NULL;

ALTER TABLE "Posts" ADD "ImportKey" TEXT NULL;

ALTER TABLE "Posts" ADD "ImportMark" TEXT NULL;

CREATE TABLE "Imports" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Imports" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "BlogId" INTEGER NOT NULL,
    "PersonId" INTEGER NOT NULL,
    "Name" TEXT NOT NULL,
    "Kind" TEXT NOT NULL,
    "Address" TEXT NULL,
    "State" TEXT NOT NULL,
    "Plan" TEXT NULL,
    "BegunAt" INTEGER NOT NULL,
    "EndedAt" INTEGER NULL,
    "Rows" INTEGER NOT NULL,
    "Done" INTEGER NOT NULL,
    "Made" INTEGER NOT NULL,
    "Changed" INTEGER NOT NULL,
    "Skipped" INTEGER NOT NULL,
    "Refused" INTEGER NOT NULL,
    "Tidied" INTEGER NOT NULL,
    "Notes" TEXT NOT NULL,
    "StopAsked" INTEGER NOT NULL,
    "LeaseUntil" INTEGER NULL,
    "EveryMinutes" INTEGER NULL,
    "NextAt" INTEGER NULL,
    "LastWords" TEXT NULL,
    CONSTRAINT "FK_Imports_Blogs_BlogId" FOREIGN KEY ("BlogId") REFERENCES "Blogs" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Pictures" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Pictures" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Key" TEXT NOT NULL,
    "Name" TEXT NOT NULL,
    "Alt" TEXT NOT NULL,
    "Caption" TEXT NULL,
    "Credit" TEXT NULL,
    "Type" TEXT NOT NULL,
    "FileWidth" INTEGER NOT NULL,
    "FileHeight" INTEGER NOT NULL,
    "Width" INTEGER NOT NULL,
    "Height" INTEGER NOT NULL,
    "Bytes" INTEGER NOT NULL,
    "Edit" TEXT NOT NULL,
    "FocusX" INTEGER NOT NULL,
    "FocusY" INTEGER NOT NULL,
    "Version" INTEGER NOT NULL,
    "AddedAt" INTEGER NOT NULL,
    "SourceAddress" TEXT NULL
);

CREATE INDEX "IX_Posts_BlogId_ImportKey" ON "Posts" ("BlogId", "ImportKey");

CREATE INDEX "IX_Posts_ImportId" ON "Posts" ("ImportId");

CREATE INDEX "IX_Imports_BlogId" ON "Imports" ("BlogId");

CREATE INDEX "IX_Imports_NextAt" ON "Imports" ("NextAt");

CREATE INDEX "IX_Imports_SiteId_Id" ON "Imports" ("SiteId", "Id");

CREATE INDEX "IX_Imports_State" ON "Imports" ("State");

CREATE UNIQUE INDEX "IX_Pictures_Key" ON "Pictures" ("Key");

CREATE INDEX "IX_Pictures_SiteId_Id" ON "Pictures" ("SiteId", "Id");

CREATE INDEX "IX_Pictures_SiteId_SourceAddress" ON "Pictures" ("SiteId", "SourceAddress");

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261126213614_PicturesAndImports', '10.0.15');

COMMIT;

-- step 20261127005014_VersionOfTermsAndFields
BEGIN TRANSACTION;
CREATE TRIGGER TR_Categories_Insert AFTER INSERT ON Categories BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.SiteId;
END;

CREATE TRIGGER TR_BlogFields_Insert AFTER INSERT ON BlogFields BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = (SELECT SiteId FROM Blogs WHERE Id = NEW.BlogId);
END;

CREATE TRIGGER TR_Categories_Update AFTER UPDATE ON Categories BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.SiteId;
END;

CREATE TRIGGER TR_BlogFields_Update AFTER UPDATE ON BlogFields BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = (SELECT SiteId FROM Blogs WHERE Id = NEW.BlogId);
END;

CREATE TRIGGER TR_Categories_Delete AFTER DELETE ON Categories BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = OLD.SiteId;
END;

CREATE TRIGGER TR_BlogFields_Delete AFTER DELETE ON BlogFields BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = (SELECT SiteId FROM Blogs WHERE Id = OLD.BlogId);
END;

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261127005014_VersionOfTermsAndFields', '10.0.15');

COMMIT;

-- step 20261127010128_BlogPages
BEGIN TRANSACTION;
ALTER TABLE "Blogs" ADD "HostName" TEXT NULL;

ALTER TABLE "Blogs" ADD "HostSeenAt" INTEGER NULL;

ALTER TABLE "Blogs" ADD "PageLook" TEXT NOT NULL DEFAULT '{}';

ALTER TABLE "Blogs" ADD "SearchDescription" TEXT NULL;

CREATE UNIQUE INDEX "IX_Blogs_HostName" ON "Blogs" ("HostName");

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261127010128_BlogPages', '10.0.15');

COMMIT;

-- step 20261127012629_FormsAndPatterns
BEGIN TRANSACTION;
ALTER TABLE "Sites" ADD "FollowLinks" TEXT NOT NULL DEFAULT '[]';

DROP TRIGGER TR_Sites_Update;

CREATE TRIGGER TR_Sites_Update AFTER UPDATE OF Name, Address, TimeZone, Language, AllowedAddresses, FollowLinks ON Sites BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.Id;
END;

CREATE TABLE "Invitations" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Invitations" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Mail" TEXT NOT NULL,
    "Role" TEXT NOT NULL,
    "Hash" TEXT NOT NULL,
    "ById" INTEGER NULL,
    "CreatedAt" INTEGER NOT NULL,
    "ExpiresAt" INTEGER NOT NULL,
    CONSTRAINT "FK_Invitations_AspNetUsers_ById" FOREIGN KEY ("ById") REFERENCES "AspNetUsers" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Invitations_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Letters" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Letters" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Subject" TEXT NOT NULL,
    "Text" TEXT NOT NULL,
    "AnswerTo" TEXT NULL,
    "Key" TEXT NOT NULL,
    "Name" TEXT NOT NULL,
    "Address" TEXT NOT NULL,
    "SentAt" INTEGER NULL,
    "FailedAt" INTEGER NULL,
    "Attempts" INTEGER NOT NULL,
    "NextAttemptAt" INTEGER NOT NULL,
    CONSTRAINT "FK_Letters_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Patterns" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Patterns" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Name" TEXT NOT NULL,
    "Title" TEXT NOT NULL,
    "BodyHtml" TEXT NOT NULL,
    "Category" TEXT NULL,
    "Tags" TEXT NOT NULL,
    CONSTRAINT "FK_Patterns_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Questions" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Questions" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "PostId" INTEGER NULL,
    "Name" TEXT NOT NULL,
    "Mail" TEXT NOT NULL,
    "Message" TEXT NOT NULL,
    "CreatedAt" INTEGER NOT NULL,
    "DoneAt" INTEGER NULL,
    CONSTRAINT "FK_Questions_Posts_PostId" FOREIGN KEY ("PostId") REFERENCES "Posts" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Questions_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "SubscriptionAsks" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_SubscriptionAsks" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Mail" TEXT NOT NULL,
    "Key" TEXT NOT NULL,
    "CreatedAt" INTEGER NOT NULL,
    "ConfirmedAt" INTEGER NULL,
    CONSTRAINT "FK_SubscriptionAsks_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE INDEX "IX_Invitations_ById" ON "Invitations" ("ById");

CREATE UNIQUE INDEX "IX_Invitations_Hash" ON "Invitations" ("Hash");

CREATE UNIQUE INDEX "IX_Invitations_SiteId_Mail" ON "Invitations" ("SiteId", "Mail");

CREATE INDEX "IX_Letters_NextAttemptAt" ON "Letters" ("NextAttemptAt");

CREATE INDEX "IX_Letters_SiteId" ON "Letters" ("SiteId");

CREATE UNIQUE INDEX "IX_Patterns_SiteId_Name" ON "Patterns" ("SiteId", "Name");

CREATE INDEX "IX_Questions_PostId" ON "Questions" ("PostId");

CREATE INDEX "IX_Questions_SiteId_Id" ON "Questions" ("SiteId", "Id");

CREATE UNIQUE INDEX "IX_SubscriptionAsks_Key" ON "SubscriptionAsks" ("Key");

CREATE INDEX "IX_SubscriptionAsks_SiteId_Mail" ON "SubscriptionAsks" ("SiteId", "Mail");

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261127012629_FormsAndPatterns', '10.0.15');

COMMIT;

-- step 20261127024440_MoreCategories
BEGIN TRANSACTION;
ALTER TABLE "Posts" ADD "MoreCategories" TEXT NOT NULL DEFAULT '[]';

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261127024440_MoreCategories', '10.0.15');

COMMIT;

-- step 20261127031921_DeliveriesByState
BEGIN TRANSACTION;
CREATE INDEX "IX_Deliveries_SiteId_State_PostId" ON "Deliveries" ("SiteId", "State", "PostId");

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261127031921_DeliveriesByState', '10.0.15');

COMMIT;

-- step 20261127035259_PictureCuts
BEGIN TRANSACTION;
ALTER TABLE "Pictures" ADD "OfKey" TEXT NULL;

CREATE INDEX "IX_Pictures_OfKey" ON "Pictures" ("OfKey");

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261127035259_PictureCuts', '10.0.15');

COMMIT;

-- step 20261127050036_CommentDeciding
BEGIN TRANSACTION;
ALTER TABLE "Sites" ADD "CommentRules" TEXT NOT NULL DEFAULT '[]';

ALTER TABLE "Sites" ADD "CommentSettings" TEXT NOT NULL DEFAULT '{}';

ALTER TABLE "Comments" ADD "Down" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Comments" ADD "PlaceKey" TEXT NULL;

ALTER TABLE "Comments" ADD "Reports" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Comments" ADD "ReportsKept" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Comments" ADD "TextKey" TEXT NULL;

ALTER TABLE "Comments" ADD "Trace" TEXT NULL;

ALTER TABLE "Comments" ADD "Up" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Blogs" ADD "CommentSettings" TEXT NOT NULL DEFAULT '{}';

CREATE TABLE "CommentReports" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_CommentReports" PRIMARY KEY AUTOINCREMENT,
    "CommentId" INTEGER NOT NULL,
    "ReaderKey" TEXT NOT NULL,
    "PlaceKey" TEXT NULL,
    "Reason" INTEGER NOT NULL,
    "Words" TEXT NULL,
    "MadeAt" INTEGER NOT NULL,
    CONSTRAINT "FK_CommentReports_Comments_CommentId" FOREIGN KEY ("CommentId") REFERENCES "Comments" ("Id") ON DELETE CASCADE
);

CREATE TABLE "CommentVotes" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_CommentVotes" PRIMARY KEY AUTOINCREMENT,
    "CommentId" INTEGER NOT NULL,
    "ReaderKey" TEXT NOT NULL,
    "PlaceKey" TEXT NULL,
    "IsUp" INTEGER NOT NULL,
    "GivenAt" INTEGER NOT NULL,
    CONSTRAINT "FK_CommentVotes_Comments_CommentId" FOREIGN KEY ("CommentId") REFERENCES "Comments" ("Id") ON DELETE CASCADE
);

CREATE INDEX "IX_Comments_SiteId_PlaceKey_CreatedAt" ON "Comments" ("SiteId", "PlaceKey", "CreatedAt");

CREATE INDEX "IX_Comments_SiteId_Standing_Reports" ON "Comments" ("SiteId", "Standing", "Reports");

CREATE INDEX "IX_Comments_SiteId_TextKey_CreatedAt" ON "Comments" ("SiteId", "TextKey", "CreatedAt");

CREATE INDEX "IX_CommentReports_CommentId_PlaceKey" ON "CommentReports" ("CommentId", "PlaceKey");

CREATE UNIQUE INDEX "IX_CommentReports_CommentId_ReaderKey" ON "CommentReports" ("CommentId", "ReaderKey");

CREATE INDEX "IX_CommentVotes_CommentId_PlaceKey" ON "CommentVotes" ("CommentId", "PlaceKey");

CREATE UNIQUE INDEX "IX_CommentVotes_CommentId_ReaderKey" ON "CommentVotes" ("CommentId", "ReaderKey");

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261127050036_CommentDeciding', '10.0.15');

COMMIT;

-- step 20261127091900_ConversationTools
BEGIN TRANSACTION;
DROP INDEX "IX_Comments_SiteId_Standing_Reports";

ALTER TABLE "Threads" ADD "PublicCount" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Threads" ADD "Reactions" TEXT NOT NULL DEFAULT '{}';

ALTER TABLE "Threads" ADD "Settings" TEXT NOT NULL DEFAULT '{}';

ALTER TABLE "Letters" ADD "StopAddress" TEXT NULL;

ALTER TABLE "Comments" ADD "Answers" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Comments" ADD "AssignedToId" INTEGER NULL;

ALTER TABLE "Comments" ADD "Best" REAL NOT NULL DEFAULT 0.0;

ALTER TABLE "Comments" ADD "EditedAt" INTEGER NULL;

ALTER TABLE "Comments" ADD "IsConfirmed" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Comments" ADD "IsEditedByTeam" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Comments" ADD "NetworkKey" TEXT NULL;

ALTER TABLE "Comments" ADD "OwnerKey" TEXT NULL;

ALTER TABLE "Comments" ADD "Rating" INTEGER NULL;

ALTER TABLE "Comments" ADD "Reactions" TEXT NOT NULL DEFAULT '{}';

ALTER TABLE "Comments" ADD "RootId" INTEGER NULL;

ALTER TABLE "Comments" ADD "ToldAt" INTEGER NULL;

ALTER TABLE "Comments" ADD "IsShown" AS ("Standing" = 'Public' OR "Answers" > 0);

CREATE TABLE "CommentCounts" (
    "SiteId" INTEGER NOT NULL,
    "Standing" TEXT NOT NULL,
    "Count" INTEGER NOT NULL,
    CONSTRAINT "PK_CommentCounts" PRIMARY KEY ("SiteId", "Standing")
);

CREATE TABLE "CommentDeeds" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_CommentDeeds" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "CommentId" INTEGER NOT NULL,
    "Kind" TEXT NOT NULL,
    "Before" TEXT NULL,
    "After" TEXT NULL,
    "Way" TEXT NOT NULL,
    "PersonId" INTEGER NULL,
    "PersonName" TEXT NOT NULL,
    "At" INTEGER NOT NULL,
    CONSTRAINT "FK_CommentDeeds_AspNetUsers_PersonId" FOREIGN KEY ("PersonId") REFERENCES "AspNetUsers" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_CommentDeeds_Comments_CommentId" FOREIGN KEY ("CommentId") REFERENCES "Comments" ("Id") ON DELETE CASCADE
);

CREATE TABLE "CommentLooks" (
    "SiteId" INTEGER NOT NULL,
    "PersonId" INTEGER NOT NULL,
    "PersonName" TEXT NOT NULL,
    "CommentId" INTEGER NOT NULL,
    "At" INTEGER NOT NULL,
    CONSTRAINT "PK_CommentLooks" PRIMARY KEY ("SiteId", "PersonId")
);

CREATE TABLE "CommentNotes" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_CommentNotes" PRIMARY KEY AUTOINCREMENT,
    "CommentId" INTEGER NOT NULL,
    "PersonId" INTEGER NULL,
    "PersonName" TEXT NOT NULL,
    "Text" TEXT NOT NULL,
    "At" INTEGER NOT NULL,
    CONSTRAINT "FK_CommentNotes_AspNetUsers_PersonId" FOREIGN KEY ("PersonId") REFERENCES "AspNetUsers" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_CommentNotes_Comments_CommentId" FOREIGN KEY ("CommentId") REFERENCES "Comments" ("Id") ON DELETE CASCADE
);

CREATE TABLE "CommentReactions" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_CommentReactions" PRIMARY KEY AUTOINCREMENT,
    "ThreadId" INTEGER NOT NULL,
    "CommentId" INTEGER NULL,
    "ReaderKey" TEXT NOT NULL,
    "PlaceKey" TEXT NULL,
    "Sign" TEXT NOT NULL,
    "GivenAt" INTEGER NOT NULL,
    CONSTRAINT "FK_CommentReactions_Comments_CommentId" FOREIGN KEY ("CommentId") REFERENCES "Comments" ("Id") ON DELETE CASCADE,
    CONSTRAINT "FK_CommentReactions_Threads_ThreadId" FOREIGN KEY ("ThreadId") REFERENCES "Threads" ("Id") ON DELETE CASCADE
);

CREATE TABLE "ConfirmedReaders" (
    "SiteId" INTEGER NOT NULL,
    "Mail" TEXT NOT NULL,
    "ConfirmedAt" INTEGER NOT NULL,
    CONSTRAINT "PK_ConfirmedReaders" PRIMARY KEY ("SiteId", "Mail"),
    CONSTRAINT "FK_ConfirmedReaders_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "DecisionLinks" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_DecisionLinks" PRIMARY KEY AUTOINCREMENT,
    "Hash" TEXT NOT NULL,
    "SiteId" INTEGER NOT NULL,
    "CommentId" INTEGER NOT NULL,
    "PersonId" INTEGER NOT NULL,
    "ExpiresAt" INTEGER NOT NULL,
    "UsedAt" INTEGER NULL,
    CONSTRAINT "FK_DecisionLinks_AspNetUsers_PersonId" FOREIGN KEY ("PersonId") REFERENCES "AspNetUsers" ("Id") ON DELETE CASCADE,
    CONSTRAINT "FK_DecisionLinks_Comments_CommentId" FOREIGN KEY ("CommentId") REFERENCES "Comments" ("Id") ON DELETE CASCADE
);

CREATE TABLE "NoticeWishes" (
    "SiteId" INTEGER NOT NULL,
    "PersonId" INTEGER NOT NULL,
    "About" TEXT NOT NULL,
    "EveryHours" INTEGER NOT NULL,
    "QuietFrom" TEXT NULL,
    "QuietUntil" TEXT NULL,
    "ToldUpTo" INTEGER NOT NULL,
    "ReportsToldUpTo" INTEGER NOT NULL,
    "LastSentAt" INTEGER NULL,
    CONSTRAINT "PK_NoticeWishes" PRIMARY KEY ("SiteId", "PersonId"),
    CONSTRAINT "FK_NoticeWishes_AspNetUsers_PersonId" FOREIGN KEY ("PersonId") REFERENCES "AspNetUsers" ("Id") ON DELETE CASCADE,
    CONSTRAINT "FK_NoticeWishes_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "ReaderLinks" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_ReaderLinks" PRIMARY KEY AUTOINCREMENT,
    "Hash" TEXT NOT NULL,
    "SiteId" INTEGER NOT NULL,
    "Mail" TEXT NOT NULL,
    "ExpiresAt" INTEGER NOT NULL,
    CONSTRAINT "FK_ReaderLinks_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "SavedViews" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_SavedViews" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "PersonId" INTEGER NOT NULL,
    "Name" TEXT NOT NULL,
    "Query" TEXT NOT NULL,
    CONSTRAINT "FK_SavedViews_AspNetUsers_PersonId" FOREIGN KEY ("PersonId") REFERENCES "AspNetUsers" ("Id") ON DELETE CASCADE,
    CONSTRAINT "FK_SavedViews_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "ThreadAliases" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_ThreadAliases" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "ThreadId" INTEGER NOT NULL,
    "Identifier" TEXT NULL,
    "FoldedAddress" TEXT NULL,
    CONSTRAINT "FK_ThreadAliases_Threads_ThreadId" FOREIGN KEY ("ThreadId") REFERENCES "Threads" ("Id") ON DELETE CASCADE
);

CREATE TABLE "ThreadFollows" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_ThreadFollows" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "ThreadId" INTEGER NOT NULL,
    "Mail" TEXT NOT NULL,
    "OnlyAnswers" INTEGER NOT NULL,
    "Key" TEXT NOT NULL,
    "MadeAt" INTEGER NOT NULL,
    CONSTRAINT "FK_ThreadFollows_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE RESTRICT,
    CONSTRAINT "FK_ThreadFollows_Threads_ThreadId" FOREIGN KEY ("ThreadId") REFERENCES "Threads" ("Id") ON DELETE CASCADE
);

CREATE TABLE "WriterMarks" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_WriterMarks" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "By" TEXT NOT NULL,
    "Value" TEXT NOT NULL,
    "Shown" TEXT NOT NULL,
    "Mark" TEXT NOT NULL,
    "Until" INTEGER NULL,
    "MadeAt" INTEGER NOT NULL,
    "MadeById" INTEGER NULL,
    CONSTRAINT "FK_WriterMarks_AspNetUsers_MadeById" FOREIGN KEY ("MadeById") REFERENCES "AspNetUsers" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_WriterMarks_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE INDEX "IX_Comments_Reported" ON "Comments" ("SiteId", "Standing", "Id") WHERE "Reports" > "ReportsKept";

CREATE INDEX "IX_Comments_RootId" ON "Comments" ("RootId") WHERE "RootId" IS NOT NULL;

CREATE INDEX "IX_Comments_SiteId_DecidedById_DecidedAt" ON "Comments" ("SiteId", "DecidedById", "DecidedAt");

CREATE INDEX "IX_Comments_SiteId_NetworkKey_CreatedAt" ON "Comments" ("SiteId", "NetworkKey", "CreatedAt");

CREATE INDEX "IX_Comments_ThreadId_CreatedAt" ON "Comments" ("ThreadId", "CreatedAt");

CREATE INDEX "IX_Comments_Top_Answers" ON "Comments" ("ThreadId", "Answers" DESC, "Id") WHERE "RootId" IS NULL AND "IsShown";

CREATE INDEX "IX_Comments_Top_Best" ON "Comments" ("ThreadId", "Best" DESC, "Id") WHERE "RootId" IS NULL AND "IsShown";

CREATE INDEX "IX_Comments_Top_Down" ON "Comments" ("ThreadId", "Down" DESC, "Id") WHERE "RootId" IS NULL AND "IsShown";

CREATE INDEX "IX_Comments_Top_Time" ON "Comments" ("ThreadId", "CreatedAt", "Id") WHERE "RootId" IS NULL AND "IsShown";

CREATE INDEX "IX_Comments_Top_Up" ON "Comments" ("ThreadId", "Up" DESC, "Id") WHERE "RootId" IS NULL AND "IsShown";

CREATE INDEX "IX_CommentDeeds_CommentId" ON "CommentDeeds" ("CommentId");

CREATE INDEX "IX_CommentDeeds_PersonId" ON "CommentDeeds" ("PersonId");

CREATE INDEX "IX_CommentDeeds_SiteId_Id" ON "CommentDeeds" ("SiteId", "Id");

CREATE INDEX "IX_CommentLooks_CommentId" ON "CommentLooks" ("CommentId");

CREATE INDEX "IX_CommentNotes_CommentId" ON "CommentNotes" ("CommentId");

CREATE INDEX "IX_CommentNotes_PersonId" ON "CommentNotes" ("PersonId");

CREATE INDEX "IX_CommentReactions_CommentId" ON "CommentReactions" ("CommentId");

CREATE UNIQUE INDEX "IX_CommentReactions_ThreadId_CommentId_ReaderKey_Sign" ON "CommentReactions" ("ThreadId", "CommentId", "ReaderKey", "Sign");

CREATE INDEX "IX_DecisionLinks_CommentId" ON "DecisionLinks" ("CommentId");

CREATE UNIQUE INDEX "IX_DecisionLinks_Hash" ON "DecisionLinks" ("Hash");

CREATE INDEX "IX_DecisionLinks_PersonId" ON "DecisionLinks" ("PersonId");

CREATE INDEX "IX_NoticeWishes_PersonId" ON "NoticeWishes" ("PersonId");

CREATE UNIQUE INDEX "IX_ReaderLinks_Hash" ON "ReaderLinks" ("Hash");

CREATE INDEX "IX_ReaderLinks_SiteId" ON "ReaderLinks" ("SiteId");

CREATE INDEX "IX_SavedViews_PersonId" ON "SavedViews" ("PersonId");

CREATE INDEX "IX_SavedViews_SiteId_PersonId" ON "SavedViews" ("SiteId", "PersonId");

CREATE UNIQUE INDEX "IX_ThreadAliases_SiteId_FoldedAddress" ON "ThreadAliases" ("SiteId", "FoldedAddress");

CREATE UNIQUE INDEX "IX_ThreadAliases_SiteId_Identifier" ON "ThreadAliases" ("SiteId", "Identifier");

CREATE INDEX "IX_ThreadAliases_ThreadId" ON "ThreadAliases" ("ThreadId");

CREATE UNIQUE INDEX "IX_ThreadFollows_Key" ON "ThreadFollows" ("Key");

CREATE INDEX "IX_ThreadFollows_SiteId" ON "ThreadFollows" ("SiteId");

CREATE UNIQUE INDEX "IX_ThreadFollows_ThreadId_Mail" ON "ThreadFollows" ("ThreadId", "Mail");

CREATE INDEX "IX_WriterMarks_MadeById" ON "WriterMarks" ("MadeById");

CREATE UNIQUE INDEX "IX_WriterMarks_SiteId_By_Value" ON "WriterMarks" ("SiteId", "By", "Value");

WITH RECURSIVE Below(Id, Root) AS (
    SELECT Id, Id FROM Comments WHERE ParentId IS NULL
    UNION ALL
    SELECT Comments.Id, Below.Root FROM Comments JOIN Below ON Comments.ParentId = Below.Id)
UPDATE Comments SET RootId = (SELECT Root FROM Below WHERE Below.Id = Comments.Id) WHERE ParentId IS NOT NULL;

UPDATE Comments SET Answers = (SELECT COUNT(*) FROM Comments AS Below WHERE Below.RootId = Comments.Id AND Below.Standing = 'Public') WHERE RootId IS NULL;

UPDATE Comments SET Best = (1.0 * Up / (Up + Down) + 1.9207294 / (Up + Down) - 1.959964 * sqrt((1.0 * Up / (Up + Down) * (1 - 1.0 * Up / (Up + Down)) + 0.9603647 / (Up + Down)) / (Up + Down))) / (1 + 3.8414588 / (Up + Down)) WHERE Up > 0;

UPDATE Threads SET PublicCount = (SELECT COUNT(*) FROM Comments WHERE Comments.ThreadId = Threads.Id AND Standing = 'Public');

INSERT INTO CommentCounts (SiteId, Standing, Count) SELECT SiteId, Standing, COUNT(*) FROM Comments GROUP BY SiteId, Standing;

CREATE TRIGGER TR_CommentCounts_Insert AFTER INSERT ON Comments BEGIN INSERT INTO CommentCounts (SiteId, Standing, Count) VALUES (NEW.SiteId, NEW.Standing, +1) ON CONFLICT (SiteId, Standing) DO UPDATE SET Count = Count + 1;
UPDATE Threads SET PublicCount = PublicCount + 1 WHERE Id = NEW.ThreadId AND NEW.Standing = 'Public';
UPDATE Comments SET Answers = Answers + 1 WHERE Id = NEW.RootId AND NEW.Standing = 'Public'; END;

CREATE TRIGGER TR_CommentCounts_Delete AFTER DELETE ON Comments BEGIN INSERT INTO CommentCounts (SiteId, Standing, Count) VALUES (OLD.SiteId, OLD.Standing, -1) ON CONFLICT (SiteId, Standing) DO UPDATE SET Count = Count - 1;
UPDATE Threads SET PublicCount = PublicCount - 1 WHERE Id = OLD.ThreadId AND OLD.Standing = 'Public';
UPDATE Comments SET Answers = Answers - 1 WHERE Id = OLD.RootId AND OLD.Standing = 'Public'; END;

CREATE TRIGGER TR_CommentCounts_Update AFTER UPDATE OF Standing, SiteId, ThreadId, RootId ON Comments BEGIN INSERT INTO CommentCounts (SiteId, Standing, Count) VALUES (OLD.SiteId, OLD.Standing, -1) ON CONFLICT (SiteId, Standing) DO UPDATE SET Count = Count - 1;
UPDATE Threads SET PublicCount = PublicCount - 1 WHERE Id = OLD.ThreadId AND OLD.Standing = 'Public';
UPDATE Comments SET Answers = Answers - 1 WHERE Id = OLD.RootId AND OLD.Standing = 'Public';INSERT INTO CommentCounts (SiteId, Standing, Count) VALUES (NEW.SiteId, NEW.Standing, +1) ON CONFLICT (SiteId, Standing) DO UPDATE SET Count = Count + 1;
UPDATE Threads SET PublicCount = PublicCount + 1 WHERE Id = NEW.ThreadId AND NEW.Standing = 'Public';
UPDATE Comments SET Answers = Answers + 1 WHERE Id = NEW.RootId AND NEW.Standing = 'Public'; END;

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261127091900_ConversationTools', '10.0.15');

COMMIT;

-- step 20261127104748_PicturesAndMentions
BEGIN TRANSACTION;
ALTER TABLE "Pictures" ADD "IsFromReader" INTEGER NOT NULL DEFAULT 0;

CREATE TABLE "Mentions" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Mentions" PRIMARY KEY AUTOINCREMENT,
    "Key" TEXT NOT NULL,
    "SiteId" INTEGER NOT NULL,
    "PostId" INTEGER NOT NULL,
    "Source" TEXT NOT NULL,
    "Host" TEXT NOT NULL,
    "Target" TEXT NOT NULL,
    "Way" TEXT NOT NULL,
    "State" TEXT NOT NULL,
    "Kind" TEXT NOT NULL,
    "Title" TEXT NULL,
    "AuthorAddress" TEXT NULL,
    "PublishedAt" INTEGER NULL,
    "ReceivedAt" INTEGER NOT NULL,
    "ReadAt" INTEGER NULL,
    "NextReadAt" INTEGER NULL,
    "Attempts" INTEGER NOT NULL,
    "Problem" TEXT NULL,
    CONSTRAINT "FK_Mentions_Posts_PostId" FOREIGN KEY ("PostId") REFERENCES "Posts" ("Id") ON DELETE CASCADE,
    CONSTRAINT "FK_Mentions_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

ALTER TABLE "Comments" ADD COLUMN "MentionId" INTEGER NULL CONSTRAINT "FK_Comments_Mentions_MentionId" REFERENCES "Mentions" ("Id") ON DELETE SET NULL;

ALTER TABLE "Comments" ADD COLUMN "PictureId" INTEGER NULL CONSTRAINT "FK_Comments_Pictures_PictureId" REFERENCES "Pictures" ("Id") ON DELETE SET NULL;

CREATE UNIQUE INDEX "IX_Comments_MentionId" ON "Comments" ("MentionId") WHERE "MentionId" IS NOT NULL;

CREATE INDEX "IX_Comments_PictureId" ON "Comments" ("PictureId") WHERE "PictureId" IS NOT NULL;

CREATE UNIQUE INDEX "IX_Mentions_Key" ON "Mentions" ("Key");

CREATE INDEX "IX_Mentions_NextReadAt" ON "Mentions" ("NextReadAt") WHERE "NextReadAt" IS NOT NULL;

CREATE UNIQUE INDEX "IX_Mentions_PostId_Source" ON "Mentions" ("PostId", "Source");

CREATE INDEX "IX_Mentions_SiteId_State_Id" ON "Mentions" ("SiteId", "State", "Id");

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261127104748_PicturesAndMentions', '10.0.15');

COMMIT;

-- step 20261127111946_Channels
BEGIN TRANSACTION;
CREATE TABLE "Channels" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Channels" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Kind" TEXT NOT NULL,
    "Name" TEXT NOT NULL,
    "Settings" TEXT NOT NULL,
    "Secret" TEXT NULL,
    "SecretBefore" TEXT NULL,
    "SecretBeforeUntil" INTEGER NULL,
    "PausedAt" INTEGER NULL,
    "PauseReason" TEXT NULL,
    "FailuresInRow" INTEGER NOT NULL,
    "CreatedAt" INTEGER NOT NULL,
    "ArchivedAt" INTEGER NULL,
    CONSTRAINT "FK_Channels_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "PostChanges" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_PostChanges" PRIMARY KEY AUTOINCREMENT,
    "PostId" INTEGER NOT NULL,
    "Act" TEXT NOT NULL,
    CONSTRAINT "FK_PostChanges_Posts_PostId" FOREIGN KEY ("PostId") REFERENCES "Posts" ("Id") ON DELETE CASCADE
);

CREATE TABLE "ChannelDeliveries" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_ChannelDeliveries" PRIMARY KEY AUTOINCREMENT,
    "Key" TEXT NOT NULL,
    "SiteId" INTEGER NOT NULL,
    "ChannelId" INTEGER NOT NULL,
    "PostId" INTEGER NULL,
    "Act" TEXT NOT NULL,
    "Target" TEXT NOT NULL,
    "Round" INTEGER NOT NULL,
    "State" TEXT NOT NULL,
    "PlannedFor" INTEGER NOT NULL,
    "NextAttemptAt" INTEGER NOT NULL,
    "Attempts" INTEGER NOT NULL,
    "Held" TEXT NULL,
    "OwnText" TEXT NULL,
    "Sent" TEXT NULL,
    "Answer" TEXT NULL,
    "ReceivedAddress" TEXT NULL,
    "CreatedAt" INTEGER NOT NULL,
    "DeliveredAt" INTEGER NULL,
    CONSTRAINT "FK_ChannelDeliveries_Channels_ChannelId" FOREIGN KEY ("ChannelId") REFERENCES "Channels" ("Id") ON DELETE CASCADE,
    CONSTRAINT "FK_ChannelDeliveries_Posts_PostId" FOREIGN KEY ("PostId") REFERENCES "Posts" ("Id") ON DELETE CASCADE
);

CREATE TABLE "ChannelAttempts" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_ChannelAttempts" PRIMARY KEY AUTOINCREMENT,
    "DeliveryId" INTEGER NOT NULL,
    "At" INTEGER NOT NULL,
    "Milliseconds" INTEGER NOT NULL,
    "Outcome" TEXT NOT NULL,
    "Answer" TEXT NOT NULL,
    CONSTRAINT "FK_ChannelAttempts_ChannelDeliveries_DeliveryId" FOREIGN KEY ("DeliveryId") REFERENCES "ChannelDeliveries" ("Id") ON DELETE CASCADE
);

CREATE INDEX "IX_ChannelAttempts_DeliveryId" ON "ChannelAttempts" ("DeliveryId");

CREATE INDEX "IX_ChannelDeliveries_Ahead" ON "ChannelDeliveries" ("ChannelId", "PlannedFor") WHERE "State" IN ('Queued', 'Sending', 'Retrying');

CREATE UNIQUE INDEX "IX_ChannelDeliveries_ChannelId_PostId_Target_Round" ON "ChannelDeliveries" ("ChannelId", "PostId", "Target", "Round") WHERE "Act" = 'Publish';

CREATE UNIQUE INDEX "IX_ChannelDeliveries_Key" ON "ChannelDeliveries" ("Key");

CREATE INDEX "IX_ChannelDeliveries_NextAttemptAt" ON "ChannelDeliveries" ("NextAttemptAt") WHERE "State" IN ('Queued', 'Sending', 'Retrying');

CREATE INDEX "IX_ChannelDeliveries_PostId" ON "ChannelDeliveries" ("PostId");

CREATE INDEX "IX_ChannelDeliveries_SiteId_PlannedFor_Id" ON "ChannelDeliveries" ("SiteId", "PlannedFor", "Id");

CREATE INDEX "IX_Channels_SiteId" ON "Channels" ("SiteId");

CREATE INDEX "IX_PostChanges_PostId" ON "PostChanges" ("PostId");

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261127111946_Channels', '10.0.15');

COMMIT;

-- step 20261127123344_SubscriberOrigins
BEGIN TRANSACTION;
ALTER TABLE "Subscribers" ADD "Origin" TEXT NOT NULL DEFAULT 'Unknown';

ALTER TABLE "Subscribers" ADD "Reason" TEXT NULL;

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261127123344_SubscriberOrigins', '10.0.15');

COMMIT;

-- step 20261127130620_ChannelDeliveriesByState
BEGIN TRANSACTION;
CREATE INDEX "IX_ChannelDeliveries_SiteId_State_PostId" ON "ChannelDeliveries" ("SiteId", "State", "PostId");

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261127130620_ChannelDeliveriesByState', '10.0.15');

COMMIT;

-- step 20261127140553_Digests
BEGIN TRANSACTION;
ALTER TABLE "SubscriptionAsks" ADD "Categories" TEXT NOT NULL DEFAULT '[]';

ALTER TABLE "SubscriptionAsks" ADD "Consent" TEXT NULL;

ALTER TABLE "SubscriptionAsks" ADD "ConsentVersion" INTEGER NULL;

ALTER TABLE "SubscriptionAsks" ADD "Digests" TEXT NULL;

ALTER TABLE "SubscriptionAsks" ADD "FormId" INTEGER NULL;

ALTER TABLE "SubscriptionAsks" ADD "Name" TEXT NULL;

ALTER TABLE "Subscribers" ADD "Categories" TEXT NOT NULL DEFAULT '[]';

ALTER TABLE "Subscribers" ADD "Consent" TEXT NULL;

ALTER TABLE "Subscribers" ADD "ConsentVersion" INTEGER NULL;

ALTER TABLE "Subscribers" ADD "Digests" TEXT NULL;

ALTER TABLE "Subscribers" ADD "LastReturn" TEXT NULL;

ALTER TABLE "Subscribers" ADD "PausedUntil" INTEGER NULL;

ALTER TABLE "Subscribers" ADD "SeenAt" INTEGER NULL;

ALTER TABLE "Subscribers" ADD "SoftBounces" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Subscribers" ADD "Suppressed" TEXT NULL;

ALTER TABLE "Subscribers" ADD "SuppressedAt" INTEGER NULL;

CREATE TABLE "GoneAddresses" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_GoneAddresses" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Hash" TEXT NOT NULL,
    "At" INTEGER NOT NULL,
    CONSTRAINT "FK_GoneAddresses_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Segments" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Segments" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Name" TEXT NOT NULL,
    "Rule" TEXT NOT NULL,
    CONSTRAINT "FK_Segments_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "SignUpForms" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_SignUpForms" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Key" TEXT NOT NULL,
    "Name" TEXT NOT NULL,
    "Settings" TEXT NOT NULL,
    "ConsentVersion" INTEGER NOT NULL,
    "LookId" INTEGER NULL,
    "ArchivedAt" INTEGER NULL,
    CONSTRAINT "FK_SignUpForms_Looks_LookId" FOREIGN KEY ("LookId") REFERENCES "Looks" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_SignUpForms_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Digests" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Digests" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Name" TEXT NOT NULL,
    "Settings" TEXT NOT NULL,
    "SegmentId" INTEGER NULL,
    "IsUsual" INTEGER NOT NULL,
    "PausedAt" INTEGER NULL,
    "NextAt" INTEGER NULL,
    "CreatedAt" INTEGER NOT NULL,
    "ArchivedAt" INTEGER NULL,
    CONSTRAINT "FK_Digests_Segments_SegmentId" FOREIGN KEY ("SegmentId") REFERENCES "Segments" ("Id"),
    CONSTRAINT "FK_Digests_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE TABLE "Editions" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Editions" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "DigestId" INTEGER NOT NULL,
    "Key" TEXT NOT NULL,
    "Occasion" TEXT NOT NULL,
    "State" TEXT NOT NULL,
    "PausedAt" INTEGER NULL,
    "DueAt" INTEGER NOT NULL,
    "FinishedAt" INTEGER NULL,
    "GatheredTo" INTEGER NOT NULL,
    "Settings" TEXT NOT NULL,
    "Total" INTEGER NOT NULL,
    "Delivered" INTEGER NOT NULL,
    "Failed" INTEGER NOT NULL,
    "Cancelled" INTEGER NOT NULL,
    "Opens" INTEGER NOT NULL,
    "Left" INTEGER NOT NULL,
    CONSTRAINT "FK_Editions_Digests_DigestId" FOREIGN KEY ("DigestId") REFERENCES "Digests" ("Id") ON DELETE CASCADE
);

CREATE TABLE "EditionLinks" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_EditionLinks" PRIMARY KEY AUTOINCREMENT,
    "EditionId" INTEGER NOT NULL,
    "Key" TEXT NOT NULL,
    "Address" TEXT NOT NULL,
    "Clicks" INTEGER NOT NULL,
    "SecondClicks" INTEGER NOT NULL,
    CONSTRAINT "FK_EditionLinks_Editions_EditionId" FOREIGN KEY ("EditionId") REFERENCES "Editions" ("Id") ON DELETE CASCADE
);

CREATE TABLE "EditionPosts" (
    "EditionId" INTEGER NOT NULL,
    "PostId" INTEGER NOT NULL,
    CONSTRAINT "PK_EditionPosts" PRIMARY KEY ("EditionId", "PostId"),
    CONSTRAINT "FK_EditionPosts_Editions_EditionId" FOREIGN KEY ("EditionId") REFERENCES "Editions" ("Id") ON DELETE CASCADE,
    CONSTRAINT "FK_EditionPosts_Posts_PostId" FOREIGN KEY ("PostId") REFERENCES "Posts" ("Id") ON DELETE CASCADE
);

ALTER TABLE "Subscribers" ADD COLUMN "FormId" INTEGER NULL CONSTRAINT "FK_Subscribers_SignUpForms_FormId" REFERENCES "SignUpForms" ("Id") ON DELETE SET NULL;

CREATE INDEX "IX_Subscribers_FormId" ON "Subscribers" ("FormId");

CREATE INDEX "IX_Subscribers_SiteId_CreatedAt" ON "Subscribers" ("SiteId", "CreatedAt");

CREATE INDEX "IX_Digests_NextAt" ON "Digests" ("NextAt");

CREATE INDEX "IX_Digests_SegmentId" ON "Digests" ("SegmentId");

CREATE INDEX "IX_Digests_SiteId" ON "Digests" ("SiteId");

CREATE UNIQUE INDEX "IX_EditionLinks_EditionId_Address" ON "EditionLinks" ("EditionId", "Address");

CREATE UNIQUE INDEX "IX_EditionLinks_Key" ON "EditionLinks" ("Key");

CREATE INDEX "IX_EditionPosts_PostId" ON "EditionPosts" ("PostId");

CREATE UNIQUE INDEX "IX_Editions_DigestId_Occasion" ON "Editions" ("DigestId", "Occasion");

CREATE UNIQUE INDEX "IX_Editions_Key" ON "Editions" ("Key");

CREATE INDEX "IX_Editions_SiteId_DueAt_Id" ON "Editions" ("SiteId", "DueAt", "Id");

CREATE INDEX "IX_Editions_State" ON "Editions" ("State");

CREATE UNIQUE INDEX "IX_GoneAddresses_SiteId_Hash" ON "GoneAddresses" ("SiteId", "Hash");

CREATE UNIQUE INDEX "IX_Segments_SiteId_Name" ON "Segments" ("SiteId", "Name");

CREATE UNIQUE INDEX "IX_SignUpForms_Key" ON "SignUpForms" ("Key");

CREATE INDEX "IX_SignUpForms_LookId" ON "SignUpForms" ("LookId");

CREATE INDEX "IX_SignUpForms_SiteId" ON "SignUpForms" ("SiteId");

INSERT INTO Digests (SiteId, Name, Settings, IsUsual, CreatedAt)
SELECT Id, 'Each new post', '{"rhythm":{"every":"Post"},"choice":{"blogs":[],"categories":[],"tags":[],"authors":[],"featuredOnly":false},"form":"Whole","subject":"{title}"}', 1, CreatedAt FROM Sites;

INSERT INTO Editions (SiteId, DigestId, Key, Occasion, State, DueAt, FinishedAt, GatheredTo, Settings, Total, Delivered, Failed, Cancelled, Opens, Left)
SELECT d.SiteId, g.Id, lower(hex(randomblob(12))), 'post ' || d.PostId, CASE WHEN sum(d.State IN ('Queued', 'Sending', 'Retrying')) > 0 THEN 'Sending' ELSE 'Sent' END, min(d.CreatedAt),
    CASE WHEN sum(d.State IN ('Queued', 'Sending', 'Retrying')) > 0 THEN NULL ELSE max(coalesce(d.DeliveredAt, d.NextAttemptAt)) END, max(d.SubscriberId), g.Settings,
    count(*), sum(d.State = 'Delivered'), sum(d.State = 'Failed'), sum(d.State = 'Cancelled'), 0, 0
FROM Deliveries d JOIN Digests g ON g.SiteId = d.SiteId GROUP BY d.SiteId, d.PostId;

INSERT INTO EditionPosts (EditionId, PostId) SELECT e.Id, p.Id FROM Editions e JOIN Posts p ON e.Occasion = 'post ' || p.Id AND e.SiteId = p.SiteId;

CREATE TABLE "NewDeliveries" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Deliveries" PRIMARY KEY AUTOINCREMENT,
    "Key" TEXT NOT NULL,
    "SiteId" INTEGER NOT NULL,
    "EditionId" INTEGER NOT NULL,
    "SubscriberId" INTEGER NOT NULL,
    "IsSecond" INTEGER NOT NULL,
    "State" TEXT NOT NULL,
    "Attempts" INTEGER NOT NULL,
    "NextAttemptAt" INTEGER NOT NULL,
    "CreatedAt" INTEGER NOT NULL,
    "DeliveredAt" INTEGER NULL,
    "LastAnswer" TEXT NULL,
    CONSTRAINT "FK_Deliveries_Editions_EditionId" FOREIGN KEY ("EditionId") REFERENCES "Editions" ("Id") ON DELETE CASCADE,
    CONSTRAINT "FK_Deliveries_Subscribers_SubscriberId" FOREIGN KEY ("SubscriberId") REFERENCES "Subscribers" ("Id") ON DELETE CASCADE
);

INSERT INTO NewDeliveries (Id, Key, SiteId, EditionId, SubscriberId, IsSecond, State, Attempts, NextAttemptAt, CreatedAt, DeliveredAt, LastAnswer)
SELECT d.Id, d.Key, d.SiteId, e.Id, d.SubscriberId, 0, d.State, d.Attempts, d.NextAttemptAt, d.CreatedAt, d.DeliveredAt, d.LastAnswer
FROM Deliveries d JOIN Editions e ON e.SiteId = d.SiteId AND e.Occasion = 'post ' || d.PostId;

DROP TABLE Deliveries;
ALTER TABLE NewDeliveries RENAME TO Deliveries;
CREATE UNIQUE INDEX "IX_Deliveries_Key" ON "Deliveries" ("Key");
CREATE UNIQUE INDEX "IX_Deliveries_EditionId_SubscriberId" ON "Deliveries" ("EditionId", "SubscriberId");
CREATE INDEX "IX_Deliveries_NextAttemptAt" ON "Deliveries" ("NextAttemptAt") WHERE "State" IN ('Queued', 'Sending', 'Retrying');
CREATE INDEX "IX_Deliveries_EditionId_State_Id" ON "Deliveries" ("EditionId", "State", "Id");
CREATE INDEX "IX_Deliveries_SubscriberId_State" ON "Deliveries" ("SubscriberId", "State");

CREATE TRIGGER TR_Deliveries_Counted AFTER INSERT ON Deliveries BEGIN
    UPDATE Editions SET Total = Total + 1, Delivered = Delivered + (NEW.State = 'Delivered'), Failed = Failed + (NEW.State = 'Failed'), Cancelled = Cancelled + (NEW.State = 'Cancelled') WHERE Id = NEW.EditionId;
END;

CREATE TRIGGER TR_Deliveries_Recounted AFTER UPDATE OF State ON Deliveries WHEN NEW.State <> OLD.State BEGIN
    UPDATE Editions SET Delivered = Delivered + (NEW.State = 'Delivered') - (OLD.State = 'Delivered'), Failed = Failed + (NEW.State = 'Failed') - (OLD.State = 'Failed'),
        Cancelled = Cancelled + (NEW.State = 'Cancelled') - (OLD.State = 'Cancelled') WHERE Id = NEW.EditionId;
END;

CREATE TRIGGER TR_Deliveries_Uncounted AFTER DELETE ON Deliveries WHEN OLD.State IN ('Queued', 'Sending', 'Retrying') BEGIN
    UPDATE Editions SET Total = Total - 1 WHERE Id = OLD.EditionId;
END;

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261127140553_Digests', '10.0.15');

COMMIT;

-- step 20261127151203_ArrivalCounts
BEGIN TRANSACTION;
CREATE TABLE "ArrivalCounts" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_ArrivalCounts" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Day" TEXT NOT NULL,
    "PostId" INTEGER NOT NULL,
    "Kind" TEXT NOT NULL,
    "Source" TEXT NOT NULL,
    "Count" INTEGER NOT NULL,
    CONSTRAINT "FK_ArrivalCounts_Posts_PostId" FOREIGN KEY ("PostId") REFERENCES "Posts" ("Id") ON DELETE CASCADE
);

CREATE INDEX "IX_ArrivalCounts_PostId" ON "ArrivalCounts" ("PostId");

CREATE UNIQUE INDEX "IX_ArrivalCounts_SiteId_Day_PostId_Kind_Source" ON "ArrivalCounts" ("SiteId", "Day", "PostId", "Kind", "Source");

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261127151203_ArrivalCounts', '10.0.15');

COMMIT;

-- step 20261127152528_ShareWays
BEGIN TRANSACTION;
ALTER TABLE "Sites" ADD "ShareWays" TEXT NOT NULL DEFAULT '[]';

DROP TRIGGER TR_Sites_Update;
CREATE TRIGGER TR_Sites_Update AFTER UPDATE OF Name, Address, TimeZone, Language, AllowedAddresses, FollowLinks, ShareWays ON Sites BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.Id;
END;

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261127152528_ShareWays', '10.0.15');

COMMIT;

-- step 20261127154216_OwnHub
BEGIN TRANSACTION;
CREATE TABLE "HubReaders" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_HubReaders" PRIMARY KEY AUTOINCREMENT,
    "BlogId" INTEGER NOT NULL,
    "Topic" TEXT NOT NULL,
    "Callback" TEXT NOT NULL,
    "Secret" TEXT NULL,
    "LeaseUntil" INTEGER NULL,
    "AskedSeconds" INTEGER NULL,
    "AsksToEnd" INTEGER NOT NULL,
    "AskedSecret" TEXT NULL,
    "Wanted" INTEGER NOT NULL,
    "Told" INTEGER NOT NULL,
    "Attempts" INTEGER NOT NULL,
    "DueAt" INTEGER NULL,
    CONSTRAINT "FK_HubReaders_Blogs_BlogId" FOREIGN KEY ("BlogId") REFERENCES "Blogs" ("Id") ON DELETE CASCADE
);

CREATE INDEX "IX_HubReaders_BlogId" ON "HubReaders" ("BlogId");

CREATE INDEX "IX_HubReaders_DueAt" ON "HubReaders" ("DueAt");

CREATE UNIQUE INDEX "IX_HubReaders_Topic_Callback" ON "HubReaders" ("Topic", "Callback");

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261127154216_OwnHub', '10.0.15');

COMMIT;

-- step 20261127155628_PartnerFeeds
BEGIN TRANSACTION;
CREATE TABLE "PartnerFeeds" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_PartnerFeeds" PRIMARY KEY AUTOINCREMENT,
    "SiteId" INTEGER NOT NULL,
    "Key" TEXT NOT NULL,
    "Name" TEXT NOT NULL,
    "Choice" TEXT NOT NULL,
    "IsFullText" INTEGER NOT NULL,
    "Source" TEXT NOT NULL,
    "CreatedAt" INTEGER NOT NULL,
    "EndedAt" INTEGER NULL,
    "Reads" INTEGER NOT NULL,
    "LastReadAt" INTEGER NULL,
    CONSTRAINT "FK_PartnerFeeds_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE UNIQUE INDEX "IX_PartnerFeeds_Key" ON "PartnerFeeds" ("Key");

CREATE INDEX "IX_PartnerFeeds_SiteId" ON "PartnerFeeds" ("SiteId");

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261127155628_PartnerFeeds', '10.0.15');

COMMIT;

-- step 20261127171923_ChannelsInTurnsAndCounted
BEGIN TRANSACTION;
ALTER TABLE "ChannelDeliveries" ADD "CountNextAt" INTEGER NULL;

ALTER TABLE "ChannelDeliveries" ADD "CountedAt" INTEGER NULL;

ALTER TABLE "ChannelDeliveries" ADD "Counts" TEXT NULL;

ALTER TABLE "ChannelDeliveries" ADD "EditAddress" TEXT NULL;

ALTER TABLE "ChannelDeliveries" ADD "Turn" INTEGER NOT NULL DEFAULT 0;

CREATE TABLE "ChannelStarts" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_ChannelStarts" PRIMARY KEY AUTOINCREMENT,
    "ChannelId" INTEGER NOT NULL,
    "At" INTEGER NOT NULL,
    CONSTRAINT "FK_ChannelStarts_Channels_ChannelId" FOREIGN KEY ("ChannelId") REFERENCES "Channels" ("Id") ON DELETE CASCADE
);

CREATE INDEX "IX_ChannelDeliveries_CountNextAt" ON "ChannelDeliveries" ("CountNextAt") WHERE "CountNextAt" IS NOT NULL;

CREATE INDEX "IX_ChannelStarts_ChannelId_At" ON "ChannelStarts" ("ChannelId", "At");

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261127171923_ChannelsInTurnsAndCounted', '10.0.15');

COMMIT;

-- step 20261130044418_SessionsAndInvitationsByHand
BEGIN TRANSACTION;
ALTER TABLE "Invitations" ADD "HandHash" TEXT NULL;

CREATE TABLE "Sessions" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Sessions" PRIMARY KEY AUTOINCREMENT,
    "PersonId" INTEGER NOT NULL,
    "Hash" TEXT NOT NULL,
    "CreatedAt" INTEGER NOT NULL,
    "SeenAt" INTEGER NOT NULL,
    CONSTRAINT "FK_Sessions_AspNetUsers_PersonId" FOREIGN KEY ("PersonId") REFERENCES "AspNetUsers" ("Id") ON DELETE CASCADE
);

CREATE TABLE "SignInFailures" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_SignInFailures" PRIMARY KEY AUTOINCREMENT,
    "Person" TEXT NOT NULL,
    "Network" TEXT NOT NULL,
    "At" INTEGER NOT NULL
);

CREATE UNIQUE INDEX "IX_Invitations_HandHash" ON "Invitations" ("HandHash");

CREATE UNIQUE INDEX "IX_Sessions_Hash" ON "Sessions" ("Hash");

CREATE INDEX "IX_Sessions_PersonId" ON "Sessions" ("PersonId");

CREATE INDEX "IX_SignInFailures_Network_At" ON "SignInFailures" ("Network", "At");

CREATE INDEX "IX_SignInFailures_Person_At" ON "SignInFailures" ("Person", "At");

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261130044418_SessionsAndInvitationsByHand', '10.0.15');

COMMIT;

-- step 20261130051539_MailStandingReturnsAndSightings
BEGIN TRANSACTION;
ALTER TABLE "Sightings" ADD "ConfirmedAt" INTEGER NULL;

ALTER TABLE "Sightings" ADD "ConfirmingAt" INTEGER NULL;

ALTER TABLE "Deliveries" ADD "Returned" INTEGER NULL;

CREATE TABLE "MailStandings" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_MailStandings" PRIMARY KEY,
    "Since" INTEGER NOT NULL,
    "Reason" TEXT NOT NULL,
    "Failures" INTEGER NOT NULL,
    "PausedUntil" INTEGER NULL
);

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261130051539_MailStandingReturnsAndSightings', '10.0.15');

COMMIT;

-- step 20261130054325_ProvenDevices
BEGIN TRANSACTION;
ALTER TABLE "ReaderLinks" ADD "CommentId" INTEGER NULL;

ALTER TABLE "ReaderLinks" ADD "OwnerKey" TEXT NULL;

CREATE TABLE "ProvenDevices" (
    "SiteId" INTEGER NOT NULL,
    "Mail" TEXT NOT NULL,
    "OwnerKey" TEXT NOT NULL,
    "ProvenAt" INTEGER NOT NULL,
    CONSTRAINT "PK_ProvenDevices" PRIMARY KEY ("SiteId", "Mail", "OwnerKey"),
    CONSTRAINT "FK_ProvenDevices_Sites_SiteId" FOREIGN KEY ("SiteId") REFERENCES "Sites" ("Id") ON DELETE CASCADE
);

CREATE INDEX "IX_Comments_SiteId_OwnerKey" ON "Comments" ("SiteId", "OwnerKey") WHERE "OwnerKey" IS NOT NULL;

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261130054325_ProvenDevices', '10.0.15');

COMMIT;

-- step 20261130073034_LeasedWork
BEGIN TRANSACTION;
CREATE TABLE NoticeWishesKeyed (Id INTEGER NOT NULL CONSTRAINT PK_NoticeWishes PRIMARY KEY AUTOINCREMENT, HeldUntil INTEGER NULL, ClaimNumber INTEGER NOT NULL DEFAULT 0, Unfinished INTEGER NOT NULL DEFAULT 0,
    SiteId INTEGER NOT NULL CONSTRAINT FK_NoticeWishes_Sites_SiteId REFERENCES Sites (Id) ON DELETE CASCADE, PersonId INTEGER NOT NULL CONSTRAINT FK_NoticeWishes_AspNetUsers_PersonId REFERENCES AspNetUsers (Id) ON DELETE CASCADE,
    About TEXT NOT NULL, EveryHours INTEGER NOT NULL, QuietFrom TEXT NULL, QuietUntil TEXT NULL, ToldUpTo INTEGER NOT NULL, ReportsToldUpTo INTEGER NOT NULL, LastSentAt INTEGER NULL);
INSERT INTO NoticeWishesKeyed (SiteId, PersonId, About, EveryHours, QuietFrom, QuietUntil, ToldUpTo, ReportsToldUpTo, LastSentAt) SELECT SiteId, PersonId, About, EveryHours, QuietFrom, QuietUntil, ToldUpTo, ReportsToldUpTo, LastSentAt FROM NoticeWishes;
DROP TABLE NoticeWishes;
ALTER TABLE NoticeWishesKeyed RENAME TO NoticeWishes;
CREATE INDEX IX_NoticeWishes_PersonId ON NoticeWishes (PersonId);
CREATE UNIQUE INDEX IX_NoticeWishes_SiteId_PersonId ON NoticeWishes (SiteId, PersonId);

DROP INDEX "IX_PostChanges_PostId";

ALTER TABLE "WatchedFeeds" RENAME COLUMN "LeaseUntil" TO "HeldUntil";

ALTER TABLE "Imports" RENAME COLUMN "LeaseUntil" TO "HeldUntil";

ALTER TABLE "Followings" RENAME COLUMN "LeaseUntil" TO "HeldUntil";

ALTER TABLE "WatchedFeeds" ADD "ClaimNumber" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "WatchedFeeds" ADD "Unfinished" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Sightings" ADD "ClaimNumber" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Sightings" ADD "HeldUntil" INTEGER NULL;

ALTER TABLE "Sightings" ADD "Unfinished" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Posts" ADD "ClaimNumber" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Posts" ADD "HeldUntil" INTEGER NULL;

ALTER TABLE "Posts" ADD "Unfinished" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "PostChanges" ADD "ClaimNumber" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "PostChanges" ADD "DueAt" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "PostChanges" ADD "HeldUntil" INTEGER NULL;

ALTER TABLE "PostChanges" ADD "Unfinished" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "NoticeMails" ADD "ClaimNumber" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "NoticeMails" ADD "HeldUntil" INTEGER NULL;

ALTER TABLE "NoticeMails" ADD "Unfinished" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Mentions" ADD "ClaimNumber" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Mentions" ADD "HeldUntil" INTEGER NULL;

ALTER TABLE "Mentions" ADD "Unfinished" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Letters" ADD "ClaimNumber" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Letters" ADD "HeldUntil" INTEGER NULL;

ALTER TABLE "Letters" ADD "Unfinished" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Imports" ADD "ClaimNumber" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Imports" ADD "Unfinished" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "HubSubscriptions" ADD "ClaimNumber" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "HubSubscriptions" ADD "HeldUntil" INTEGER NULL;

ALTER TABLE "HubSubscriptions" ADD "Unfinished" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "HubReaders" ADD "ClaimNumber" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "HubReaders" ADD "HeldUntil" INTEGER NULL;

ALTER TABLE "HubReaders" ADD "Unfinished" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Followings" ADD "ClaimNumber" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Followings" ADD "Unfinished" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Editions" ADD "ClaimNumber" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Editions" ADD "HeldUntil" INTEGER NULL;

ALTER TABLE "Editions" ADD "Unfinished" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Digests" ADD "ClaimNumber" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Digests" ADD "HeldUntil" INTEGER NULL;

ALTER TABLE "Digests" ADD "Unfinished" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Deliveries" ADD "ClaimNumber" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "Deliveries" ADD "HeldUntil" INTEGER NULL;

ALTER TABLE "Deliveries" ADD "Unfinished" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "ChannelDeliveries" ADD "ClaimNumber" INTEGER NOT NULL DEFAULT 0;

ALTER TABLE "WriterMarks" ADD "OwnerKey" TEXT NULL;

ALTER TABLE "Channels" ADD "FailedAt" INTEGER NULL;

ALTER TABLE "ChannelDeliveries" ADD "HeldUntil" INTEGER NULL;

ALTER TABLE "ChannelDeliveries" ADD "Unfinished" INTEGER NOT NULL DEFAULT 0;

CREATE INDEX "IX_PostChanges_PostId_Id" ON "PostChanges" ("PostId", "Id");

CREATE INDEX "IX_Mentions_HeldUntil" ON "Mentions" ("HeldUntil") WHERE "HeldUntil" IS NOT NULL;

CREATE INDEX "IX_ChannelDeliveries_HeldUntil" ON "ChannelDeliveries" ("HeldUntil") WHERE "HeldUntil" IS NOT NULL;

CREATE INDEX "IX_ChannelDeliveries_Turn" ON "ChannelDeliveries" ("ChannelId", "NextAttemptAt", "Id") WHERE "State" IN ('Queued', 'Sending', 'Retrying');

INSERT INTO "__EFMigrationsHistory" ("MigrationId", "ProductVersion")
VALUES ('20261130073034_LeasedWork', '10.0.15');

COMMIT;
