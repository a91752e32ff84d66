using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class FollowingAndWatching : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Asked",
                table: "Followings",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Entries",
                table: "Followings",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<string>(
                name: "Host",
                table: "Followings",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<bool>(
                name: "IdsChange",
                table: "Followings",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<int>(
                name: "MaxAgeSeconds",
                table: "Followings",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "PauseReason",
                table: "Followings",
                type: "TEXT",
                nullable: false,
                defaultValueSql: "'Usual'");

            migrationBuilder.AddColumn<int>(
                name: "PauseSeconds",
                table: "Followings",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<string>(
                name: "Standing",
                table: "Followings",
                type: "TEXT",
                nullable: false,
                defaultValue: "Active");

            migrationBuilder.CreateTable(
                name: "FeedMoves",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    BlogId = table.Column<long>(type: "INTEGER", nullable: false),
                    From = table.Column<string>(type: "TEXT", nullable: false),
                    To = table.Column<string>(type: "TEXT", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_FeedMoves", x => x.Id);
                    table.ForeignKey(
                        name: "FK_FeedMoves_Followings_BlogId",
                        column: x => x.BlogId,
                        principalTable: "Followings",
                        principalColumn: "BlogId",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "FeedSettings",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Subject = table.Column<string>(type: "TEXT", nullable: false),
                    SubjectId = table.Column<long>(type: "INTEGER", nullable: false),
                    Entries = table.Column<int>(type: "INTEGER", nullable: false),
                    IsFullText = table.Column<bool>(type: "INTEGER", nullable: false),
                    HasHistory = table.Column<bool>(type: "INTEGER", nullable: false),
                    AsRss = table.Column<bool>(type: "INTEGER", nullable: false),
                    AsAtom = table.Column<bool>(type: "INTEGER", nullable: false),
                    AsJson = table.Column<bool>(type: "INTEGER", nullable: false),
                    Title = table.Column<string>(type: "TEXT", nullable: true),
                    Description = table.Column<string>(type: "TEXT", nullable: true),
                    PictureAddress = table.Column<string>(type: "TEXT", nullable: true),
                    Language = table.Column<string>(type: "TEXT", nullable: true),
                    Copyright = table.Column<string>(type: "TEXT", nullable: true),
                    RedirectTo = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_FeedSettings", x => x.Id);
                    table.ForeignKey(
                        name: "FK_FeedSettings_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "FeedVisits",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    BlogId = table.Column<long>(type: "INTEGER", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    Outcome = table.Column<string>(type: "TEXT", nullable: false),
                    Status = table.Column<int>(type: "INTEGER", nullable: true),
                    Milliseconds = table.Column<int>(type: "INTEGER", nullable: false),
                    Bytes = table.Column<int>(type: "INTEGER", nullable: false),
                    NewEntries = table.Column<int>(type: "INTEGER", nullable: false),
                    ChangedEntries = table.Column<int>(type: "INTEGER", nullable: false),
                    Problem = table.Column<string>(type: "TEXT", nullable: true),
                    ProblemDetail = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_FeedVisits", x => x.Id);
                    table.ForeignKey(
                        name: "FK_FeedVisits_Followings_BlogId",
                        column: x => x.BlogId,
                        principalTable: "Followings",
                        principalColumn: "BlogId",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "HubSubscriptions",
                columns: table => new
                {
                    BlogId = table.Column<long>(type: "INTEGER", nullable: false),
                    Hub = table.Column<string>(type: "TEXT", nullable: false),
                    Topic = table.Column<string>(type: "TEXT", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    Secret = table.Column<string>(type: "TEXT", nullable: false),
                    State = table.Column<string>(type: "TEXT", nullable: false),
                    AskedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    LeaseUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    RenewAt = table.Column<long>(type: "INTEGER", nullable: false),
                    PushedAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_HubSubscriptions", x => x.BlogId);
                    table.ForeignKey(
                        name: "FK_HubSubscriptions_Followings_BlogId",
                        column: x => x.BlogId,
                        principalTable: "Followings",
                        principalColumn: "BlogId",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Notices",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    IsTrouble = table.Column<bool>(type: "INTEGER", nullable: false),
                    Title = table.Column<string>(type: "TEXT", nullable: false),
                    Text = table.Column<string>(type: "TEXT", nullable: false),
                    Path = table.Column<string>(type: "TEXT", nullable: false),
                    DoneAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Notices", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Notices_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "WatchedFeeds",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Address = table.Column<string>(type: "TEXT", nullable: false),
                    BlogId = table.Column<long>(type: "INTEGER", nullable: true),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    NextCheckAt = table.Column<long>(type: "INTEGER", nullable: false),
                    LeaseUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    CheckedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Failures = table.Column<int>(type: "INTEGER", nullable: false),
                    ETag = table.Column<string>(type: "TEXT", nullable: true),
                    LastModified = table.Column<string>(type: "TEXT", nullable: true),
                    WasGood = table.Column<bool>(type: "INTEGER", nullable: true),
                    RepairKey = table.Column<string>(type: "TEXT", nullable: true),
                    Repaired = table.Column<byte[]>(type: "BLOB", nullable: true),
                    RepairedType = table.Column<string>(type: "TEXT", nullable: true),
                    RepairedChanges = table.Column<int>(type: "INTEGER", nullable: false),
                    RepairedAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_WatchedFeeds", x => x.Id);
                    table.ForeignKey(
                        name: "FK_WatchedFeeds_Blogs_BlogId",
                        column: x => x.BlogId,
                        principalTable: "Blogs",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_WatchedFeeds_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "NoticeMails",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    NoticeId = table.Column<long>(type: "INTEGER", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Address = table.Column<string>(type: "TEXT", nullable: false),
                    SentAt = table.Column<long>(type: "INTEGER", nullable: true),
                    FailedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Attempts = table.Column<int>(type: "INTEGER", nullable: false),
                    NextAttemptAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_NoticeMails", x => x.Id);
                    table.ForeignKey(
                        name: "FK_NoticeMails_Notices_NoticeId",
                        column: x => x.NoticeId,
                        principalTable: "Notices",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "WatchRecords",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    WatchedFeedId = table.Column<long>(type: "INTEGER", nullable: false),
                    From = table.Column<long>(type: "INTEGER", nullable: false),
                    Until = table.Column<long>(type: "INTEGER", nullable: false),
                    Checks = table.Column<int>(type: "INTEGER", nullable: false),
                    Verdict = table.Column<string>(type: "TEXT", nullable: true),
                    Problem = table.Column<string>(type: "TEXT", nullable: true),
                    ProblemDetail = table.Column<string>(type: "TEXT", nullable: true),
                    Errors = table.Column<int>(type: "INTEGER", nullable: false),
                    Warnings = table.Column<int>(type: "INTEGER", nullable: false),
                    Advice = table.Column<int>(type: "INTEGER", nullable: false),
                    Findings = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_WatchRecords", x => x.Id);
                    table.ForeignKey(
                        name: "FK_WatchRecords_WatchedFeeds_WatchedFeedId",
                        column: x => x.WatchedFeedId,
                        principalTable: "WatchedFeeds",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_FeedMoves_BlogId",
                table: "FeedMoves",
                column: "BlogId");

            migrationBuilder.CreateIndex(
                name: "IX_FeedSettings_SiteId_Subject_SubjectId",
                table: "FeedSettings",
                columns: new[] { "SiteId", "Subject", "SubjectId" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_FeedVisits_BlogId_Id",
                table: "FeedVisits",
                columns: new[] { "BlogId", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_HubSubscriptions_Key",
                table: "HubSubscriptions",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_HubSubscriptions_RenewAt",
                table: "HubSubscriptions",
                column: "RenewAt");

            migrationBuilder.CreateIndex(
                name: "IX_NoticeMails_Key",
                table: "NoticeMails",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_NoticeMails_NoticeId",
                table: "NoticeMails",
                column: "NoticeId");

            migrationBuilder.CreateIndex(
                name: "IX_NoticeMails_SentAt_FailedAt_NextAttemptAt",
                table: "NoticeMails",
                columns: new[] { "SentAt", "FailedAt", "NextAttemptAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Notices_SiteId_DoneAt_Id",
                table: "Notices",
                columns: new[] { "SiteId", "DoneAt", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_WatchedFeeds_BlogId",
                table: "WatchedFeeds",
                column: "BlogId");

            migrationBuilder.CreateIndex(
                name: "IX_WatchedFeeds_NextCheckAt",
                table: "WatchedFeeds",
                column: "NextCheckAt");

            migrationBuilder.CreateIndex(
                name: "IX_WatchedFeeds_RepairKey",
                table: "WatchedFeeds",
                column: "RepairKey",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_WatchedFeeds_SiteId_Address",
                table: "WatchedFeeds",
                columns: new[] { "SiteId", "Address" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_WatchRecords_WatchedFeedId_Id",
                table: "WatchRecords",
                columns: new[] { "WatchedFeedId", "Id" });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "FeedMoves");

            migrationBuilder.DropTable(
                name: "FeedSettings");

            migrationBuilder.DropTable(
                name: "FeedVisits");

            migrationBuilder.DropTable(
                name: "HubSubscriptions");

            migrationBuilder.DropTable(
                name: "NoticeMails");

            migrationBuilder.DropTable(
                name: "WatchRecords");

            migrationBuilder.DropTable(
                name: "Notices");

            migrationBuilder.DropTable(
                name: "WatchedFeeds");

            migrationBuilder.DropColumn(
                name: "Asked",
                table: "Followings");

            migrationBuilder.DropColumn(
                name: "Entries",
                table: "Followings");

            migrationBuilder.DropColumn(
                name: "Host",
                table: "Followings");

            migrationBuilder.DropColumn(
                name: "IdsChange",
                table: "Followings");

            migrationBuilder.DropColumn(
                name: "MaxAgeSeconds",
                table: "Followings");

            migrationBuilder.DropColumn(
                name: "PauseReason",
                table: "Followings");

            migrationBuilder.DropColumn(
                name: "PauseSeconds",
                table: "Followings");

            migrationBuilder.DropColumn(
                name: "Standing",
                table: "Followings");
        }
    }
}
