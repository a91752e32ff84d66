-- What is worked out from the tables: triggers, the search table and what a migration cannot say. Dropped before a migration and made anew after it, so that a table may be rebuilt at any time.

-- The content version of a site goes up with whatever its public pages show.

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

CREATE TRIGGER TR_Looks_Insert AFTER INSERT ON Looks BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.SiteId;
END;

CREATE TRIGGER TR_Looks_Update AFTER UPDATE ON Looks BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.SiteId;
END;

CREATE TRIGGER TR_Looks_Delete AFTER DELETE ON Looks BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = OLD.SiteId;
END;

CREATE TRIGGER TR_Categories_Insert AFTER INSERT ON Categories BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.SiteId;
END;

CREATE TRIGGER TR_Categories_Update AFTER UPDATE ON Categories BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.SiteId;
END;

CREATE TRIGGER TR_Categories_Delete AFTER DELETE ON Categories BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = OLD.SiteId;
END;

CREATE TRIGGER TR_BlogFields_Insert AFTER INSERT ON BlogFields BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = (SELECT SiteId FROM Blogs WHERE Id = NEW.BlogId);
END;

CREATE TRIGGER TR_BlogFields_Update AFTER UPDATE ON BlogFields BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = (SELECT SiteId FROM Blogs WHERE Id = NEW.BlogId);
END;

CREATE TRIGGER TR_BlogFields_Delete AFTER DELETE ON BlogFields BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = (SELECT SiteId FROM Blogs WHERE Id = OLD.BlogId);
END;

CREATE TRIGGER TR_Sites_Update AFTER UPDATE OF Name, Address, TimeZone, Language, AllowedAddresses, FollowLinks, ShareWays ON Sites BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.Id;
END;

CREATE TRIGGER TR_Comments_PublicInsert AFTER INSERT ON Comments WHEN NEW.Standing = 'Public' BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.SiteId;
END;

CREATE TRIGGER TR_Comments_PublicUpdate AFTER UPDATE OF Standing ON Comments WHEN NEW.Standing <> OLD.Standing AND 'Public' IN (NEW.Standing, OLD.Standing) BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.SiteId;
END;

CREATE TRIGGER TR_Comments_PublicDelete AFTER DELETE ON Comments WHEN OLD.Standing = 'Public' BEGIN
    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = OLD.SiteId;
END;

-- The version of a thread goes up with each of its comments.

CREATE TRIGGER TR_Comments_Insert AFTER INSERT ON Comments BEGIN
    UPDATE Threads SET Version = Version + 1 WHERE Id = NEW.ThreadId;
END;

CREATE TRIGGER TR_Comments_Update AFTER UPDATE ON Comments BEGIN
    UPDATE Threads SET Version = Version + 1 WHERE Id = NEW.ThreadId;
END;

CREATE TRIGGER TR_Comments_Delete AFTER DELETE ON Comments BEGIN
    UPDATE Threads SET Version = Version + 1 WHERE Id = OLD.ThreadId;
END;

-- Comments by standing, public ones of a thread, and public answers below one at the top.

CREATE TRIGGER TR_CommentCounts_Insert AFTER INSERT ON Comments BEGIN
    INSERT INTO CommentCounts (SiteId, Standing, Count) VALUES (NEW.SiteId, NEW.Standing, 1) ON CONFLICT (SiteId, Standing) DO UPDATE SET Count = Count + 1;
    UPDATE Threads SET PublicCount = PublicCount + 1 WHERE Id = NEW.ThreadId AND NEW.Standing = 'Public';
    UPDATE Comments SET Answers = Answers + 1 WHERE Id = NEW.RootId AND NEW.Standing = 'Public';
END;

CREATE TRIGGER TR_CommentCounts_Delete AFTER DELETE ON Comments BEGIN
    INSERT INTO CommentCounts (SiteId, Standing, Count) VALUES (OLD.SiteId, OLD.Standing, -1) ON CONFLICT (SiteId, Standing) DO UPDATE SET Count = Count - 1;
    UPDATE Threads SET PublicCount = PublicCount - 1 WHERE Id = OLD.ThreadId AND OLD.Standing = 'Public';
    UPDATE Comments SET Answers = Answers - 1 WHERE Id = OLD.RootId AND OLD.Standing = 'Public';
END;

CREATE TRIGGER TR_CommentCounts_Update AFTER UPDATE OF Standing, SiteId, ThreadId, RootId ON Comments BEGIN
    INSERT INTO CommentCounts (SiteId, Standing, Count) VALUES (OLD.SiteId, OLD.Standing, -1) ON CONFLICT (SiteId, Standing) DO UPDATE SET Count = Count - 1;
    UPDATE Threads SET PublicCount = PublicCount - 1 WHERE Id = OLD.ThreadId AND OLD.Standing = 'Public';
    UPDATE Comments SET Answers = Answers - 1 WHERE Id = OLD.RootId AND OLD.Standing = 'Public';
    INSERT INTO CommentCounts (SiteId, Standing, Count) VALUES (NEW.SiteId, NEW.Standing, 1) ON CONFLICT (SiteId, Standing) DO UPDATE SET Count = Count + 1;
    UPDATE Threads SET PublicCount = PublicCount + 1 WHERE Id = NEW.ThreadId AND NEW.Standing = 'Public';
    UPDATE Comments SET Answers = Answers + 1 WHERE Id = NEW.RootId AND NEW.Standing = 'Public';
END;

-- Mails of an edition by state.
CREATE TRIGGER TR_Deliveries_Counted AFTER INSERT ON Deliveries BEGIN
    UPDATE Editions SET Total = Total + 1, Delivered = Delivered + (NEW.State = 'Delivered'), Failed = Failed + (NEW.State = 'Failed'),
        Cancelled = Cancelled + (NEW.State = 'Cancelled') WHERE Id = NEW.EditionId;
END;

CREATE TRIGGER TR_Deliveries_Recounted AFTER UPDATE OF State ON Deliveries WHEN NEW.State <> OLD.State BEGIN
    UPDATE Editions SET Delivered = Delivered + (NEW.State = 'Delivered') - (OLD.State = 'Delivered'), Failed = Failed + (NEW.State = 'Failed') - (OLD.State = 'Failed'),
        Cancelled = Cancelled + (NEW.State = 'Cancelled') - (OLD.State = 'Cancelled') WHERE Id = NEW.EditionId;
END;

CREATE TRIGGER TR_Deliveries_Uncounted AFTER DELETE ON Deliveries WHEN OLD.State IN ('Queued', 'Sending', 'Retrying') BEGIN
    UPDATE Editions SET Total = Total - 1 WHERE Id = OLD.EditionId;
END;

-- Words of posts, kept by the search table alone: titles and plain text stand in Posts.
CREATE VIRTUAL TABLE PostTexts USING fts5(Title, PlainText, content='Posts', content_rowid='Id', tokenize="unicode61 remove_diacritics 2");

INSERT INTO PostTexts(PostTexts) VALUES ('rebuild');

CREATE TRIGGER TR_PostTexts_Insert AFTER INSERT ON Posts BEGIN
    INSERT INTO PostTexts(rowid, Title, PlainText) VALUES (NEW.Id, NEW.Title, NEW.PlainText);
END;

CREATE TRIGGER TR_PostTexts_Delete AFTER DELETE ON Posts BEGIN
    INSERT INTO PostTexts(PostTexts, rowid, Title, PlainText) VALUES ('delete', OLD.Id, OLD.Title, OLD.PlainText);
END;

CREATE TRIGGER TR_PostTexts_Update AFTER UPDATE OF Title, PlainText ON Posts BEGIN
    INSERT INTO PostTexts(PostTexts, rowid, Title, PlainText) VALUES ('delete', OLD.Id, OLD.Title, OLD.PlainText);
    INSERT INTO PostTexts(rowid, Title, PlainText) VALUES (NEW.Id, NEW.Title, NEW.PlainText);
END;

-- Titles in the order of the alphabet, whatever their case: the model of the tables knows no order of letters.
DROP INDEX IF EXISTS IX_Posts_SiteId_Title;
CREATE INDEX IX_Posts_SiteId_Title ON Posts (SiteId, Title COLLATE NOCASE, Id);

-- Posts of before texts without markup and numbers of findings were kept: every start looks for them, and finds none.
DROP INDEX IF EXISTS IX_Posts_Unfilled;
CREATE INDEX IX_Posts_Unfilled ON Posts (Id) WHERE PlainText IS NULL OR Findings IS NULL;
