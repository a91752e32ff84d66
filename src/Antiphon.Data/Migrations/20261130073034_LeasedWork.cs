using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class LeasedWork : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            // Made anew, so that each wish gets a key of its own.
            migrationBuilder.Sql("""
                CREATE TABLE NoticeWishesKeyed (Id INTEGER NOT NULL CONSTRAINT PK_NoticeWishes PRIMARY KEY AUTOINCREMENT, HeldUntil INTEGER NULL, ClaimNumber INTEGER NOT NULL DEFAULT 0, Unfinished INTEGER NOT NULL DEFAULT 0,
                    SiteId INTEGER NOT NULL CONSTRAINT FK_NoticeWishes_Sites_SiteId REFERENCES Sites (Id) ON DELETE CASCADE, PersonId INTEGER NOT NULL CONSTRAINT FK_NoticeWishes_AspNetUsers_PersonId REFERENCES AspNetUsers (Id) ON DELETE CASCADE,
                    About TEXT NOT NULL, EveryHours INTEGER NOT NULL, QuietFrom TEXT NULL, QuietUntil TEXT NULL, ToldUpTo INTEGER NOT NULL, ReportsToldUpTo INTEGER NOT NULL, LastSentAt INTEGER NULL);
                INSERT INTO NoticeWishesKeyed (SiteId, PersonId, About, EveryHours, QuietFrom, QuietUntil, ToldUpTo, ReportsToldUpTo, LastSentAt) SELECT SiteId, PersonId, About, EveryHours, QuietFrom, QuietUntil, ToldUpTo, ReportsToldUpTo, LastSentAt FROM NoticeWishes;
                DROP TABLE NoticeWishes;
                ALTER TABLE NoticeWishesKeyed RENAME TO NoticeWishes;
                CREATE INDEX IX_NoticeWishes_PersonId ON NoticeWishes (PersonId);
                CREATE UNIQUE INDEX IX_NoticeWishes_SiteId_PersonId ON NoticeWishes (SiteId, PersonId);
                """);

            migrationBuilder.DropIndex(
                name: "IX_PostChanges_PostId",
                table: "PostChanges");

            migrationBuilder.RenameColumn(
                name: "LeaseUntil",
                table: "WatchedFeeds",
                newName: "HeldUntil");

            migrationBuilder.RenameColumn(
                name: "LeaseUntil",
                table: "Imports",
                newName: "HeldUntil");

            migrationBuilder.RenameColumn(
                name: "LeaseUntil",
                table: "Followings",
                newName: "HeldUntil");

            migrationBuilder.AddColumn<long>(
                name: "ClaimNumber",
                table: "WatchedFeeds",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0L);

            migrationBuilder.AddColumn<int>(
                name: "Unfinished",
                table: "WatchedFeeds",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<long>(
                name: "ClaimNumber",
                table: "Sightings",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0L);

            migrationBuilder.AddColumn<long>(
                name: "HeldUntil",
                table: "Sightings",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Unfinished",
                table: "Sightings",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<long>(
                name: "ClaimNumber",
                table: "Posts",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0L);

            migrationBuilder.AddColumn<long>(
                name: "HeldUntil",
                table: "Posts",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Unfinished",
                table: "Posts",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<long>(
                name: "ClaimNumber",
                table: "PostChanges",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0L);

            migrationBuilder.AddColumn<long>(
                name: "DueAt",
                table: "PostChanges",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0L);

            migrationBuilder.AddColumn<long>(
                name: "HeldUntil",
                table: "PostChanges",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Unfinished",
                table: "PostChanges",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<long>(
                name: "ClaimNumber",
                table: "NoticeMails",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0L);

            migrationBuilder.AddColumn<long>(
                name: "HeldUntil",
                table: "NoticeMails",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Unfinished",
                table: "NoticeMails",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<long>(
                name: "ClaimNumber",
                table: "Mentions",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0L);

            migrationBuilder.AddColumn<long>(
                name: "HeldUntil",
                table: "Mentions",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Unfinished",
                table: "Mentions",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<long>(
                name: "ClaimNumber",
                table: "Letters",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0L);

            migrationBuilder.AddColumn<long>(
                name: "HeldUntil",
                table: "Letters",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Unfinished",
                table: "Letters",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<long>(
                name: "ClaimNumber",
                table: "Imports",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0L);

            migrationBuilder.AddColumn<int>(
                name: "Unfinished",
                table: "Imports",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<long>(
                name: "ClaimNumber",
                table: "HubSubscriptions",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0L);

            migrationBuilder.AddColumn<long>(
                name: "HeldUntil",
                table: "HubSubscriptions",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Unfinished",
                table: "HubSubscriptions",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<long>(
                name: "ClaimNumber",
                table: "HubReaders",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0L);

            migrationBuilder.AddColumn<long>(
                name: "HeldUntil",
                table: "HubReaders",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Unfinished",
                table: "HubReaders",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<long>(
                name: "ClaimNumber",
                table: "Followings",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0L);

            migrationBuilder.AddColumn<int>(
                name: "Unfinished",
                table: "Followings",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<long>(
                name: "ClaimNumber",
                table: "Editions",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0L);

            migrationBuilder.AddColumn<long>(
                name: "HeldUntil",
                table: "Editions",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Unfinished",
                table: "Editions",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<long>(
                name: "ClaimNumber",
                table: "Digests",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0L);

            migrationBuilder.AddColumn<long>(
                name: "HeldUntil",
                table: "Digests",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Unfinished",
                table: "Digests",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<long>(
                name: "ClaimNumber",
                table: "Deliveries",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0L);

            migrationBuilder.AddColumn<long>(
                name: "HeldUntil",
                table: "Deliveries",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Unfinished",
                table: "Deliveries",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<long>(
                name: "ClaimNumber",
                table: "ChannelDeliveries",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0L);

            migrationBuilder.AddColumn<string>(
                name: "OwnerKey",
                table: "WriterMarks",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<long>(
                name: "FailedAt",
                table: "Channels",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<long>(
                name: "HeldUntil",
                table: "ChannelDeliveries",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Unfinished",
                table: "ChannelDeliveries",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.CreateIndex(
                name: "IX_PostChanges_PostId_Id",
                table: "PostChanges",
                columns: new[] { "PostId", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_Mentions_HeldUntil",
                table: "Mentions",
                column: "HeldUntil",
                filter: "\"HeldUntil\" IS NOT NULL");

            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_HeldUntil",
                table: "ChannelDeliveries",
                column: "HeldUntil",
                filter: "\"HeldUntil\" IS NOT NULL");

            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_Turn",
                table: "ChannelDeliveries",
                columns: new[] { "ChannelId", "NextAttemptAt", "Id" },
                filter: "\"State\" IN ('Queued', 'Sending', 'Retrying')");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.Sql("""
                CREATE TABLE NoticeWishesBefore (SiteId INTEGER NOT NULL CONSTRAINT FK_NoticeWishes_Sites_SiteId REFERENCES Sites (Id) ON DELETE CASCADE, PersonId INTEGER NOT NULL CONSTRAINT FK_NoticeWishes_AspNetUsers_PersonId REFERENCES AspNetUsers (Id) ON DELETE CASCADE,
                    About TEXT NOT NULL, EveryHours INTEGER NOT NULL, QuietFrom TEXT NULL, QuietUntil TEXT NULL, ToldUpTo INTEGER NOT NULL, ReportsToldUpTo INTEGER NOT NULL, LastSentAt INTEGER NULL,
                    CONSTRAINT PK_NoticeWishes PRIMARY KEY (SiteId, PersonId));
                INSERT INTO NoticeWishesBefore (SiteId, PersonId, About, EveryHours, QuietFrom, QuietUntil, ToldUpTo, ReportsToldUpTo, LastSentAt) SELECT SiteId, PersonId, About, EveryHours, QuietFrom, QuietUntil, ToldUpTo, ReportsToldUpTo, LastSentAt FROM NoticeWishes;
                DROP TABLE NoticeWishes;
                ALTER TABLE NoticeWishesBefore RENAME TO NoticeWishes;
                CREATE INDEX IX_NoticeWishes_PersonId ON NoticeWishes (PersonId);
                """);

            migrationBuilder.DropIndex(
                name: "IX_PostChanges_PostId_Id",
                table: "PostChanges");

            migrationBuilder.DropIndex(
                name: "IX_Mentions_HeldUntil",
                table: "Mentions");

            migrationBuilder.DropIndex(
                name: "IX_ChannelDeliveries_HeldUntil",
                table: "ChannelDeliveries");

            migrationBuilder.DropIndex(
                name: "IX_ChannelDeliveries_Turn",
                table: "ChannelDeliveries");

            // Without making the tables anew, as their triggers name one another.
            foreach (var (table, column) in new[]
            {
                ("WatchedFeeds", "ClaimNumber"),
                ("WatchedFeeds", "Unfinished"),
                ("Sightings", "ClaimNumber"),
                ("Sightings", "HeldUntil"),
                ("Sightings", "Unfinished"),
                ("Posts", "ClaimNumber"),
                ("Posts", "HeldUntil"),
                ("Posts", "Unfinished"),
                ("PostChanges", "ClaimNumber"),
                ("PostChanges", "DueAt"),
                ("Channels", "FailedAt"),
                ("WriterMarks", "OwnerKey"),
                ("PostChanges", "HeldUntil"),
                ("PostChanges", "Unfinished"),
                ("NoticeMails", "ClaimNumber"),
                ("NoticeMails", "HeldUntil"),
                ("NoticeMails", "Unfinished"),
                ("Mentions", "ClaimNumber"),
                ("Mentions", "HeldUntil"),
                ("Mentions", "Unfinished"),
                ("Letters", "ClaimNumber"),
                ("Letters", "HeldUntil"),
                ("Letters", "Unfinished"),
                ("Imports", "ClaimNumber"),
                ("Imports", "Unfinished"),
                ("HubSubscriptions", "ClaimNumber"),
                ("HubSubscriptions", "HeldUntil"),
                ("HubSubscriptions", "Unfinished"),
                ("HubReaders", "ClaimNumber"),
                ("HubReaders", "HeldUntil"),
                ("HubReaders", "Unfinished"),
                ("Followings", "ClaimNumber"),
                ("Followings", "Unfinished"),
                ("Editions", "ClaimNumber"),
                ("Editions", "HeldUntil"),
                ("Editions", "Unfinished"),
                ("Digests", "ClaimNumber"),
                ("Digests", "HeldUntil"),
                ("Digests", "Unfinished"),
                ("Deliveries", "ClaimNumber"),
                ("Deliveries", "HeldUntil"),
                ("Deliveries", "Unfinished"),
                ("ChannelDeliveries", "ClaimNumber"),
                ("ChannelDeliveries", "HeldUntil"),
                ("ChannelDeliveries", "Unfinished"),
            }) migrationBuilder.Sql($"ALTER TABLE {table} DROP COLUMN {column};");

            migrationBuilder.RenameColumn(
                name: "HeldUntil",
                table: "WatchedFeeds",
                newName: "LeaseUntil");

            migrationBuilder.RenameColumn(
                name: "HeldUntil",
                table: "Imports",
                newName: "LeaseUntil");

            migrationBuilder.RenameColumn(
                name: "HeldUntil",
                table: "Followings",
                newName: "LeaseUntil");

            migrationBuilder.CreateIndex(
                name: "IX_PostChanges_PostId",
                table: "PostChanges",
                column: "PostId");
        }
    }
}
