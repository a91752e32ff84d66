using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class ConversationTools : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_Comments_SiteId_Standing_Reports",
                table: "Comments");

            migrationBuilder.AddColumn<int>(
                name: "PublicCount",
                table: "Threads",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<string>(
                name: "Reactions",
                table: "Threads",
                type: "TEXT",
                nullable: false,
                defaultValue: "{}");

            migrationBuilder.AddColumn<string>(
                name: "Settings",
                table: "Threads",
                type: "TEXT",
                nullable: false,
                defaultValue: "{}");

            migrationBuilder.AddColumn<string>(
                name: "StopAddress",
                table: "Letters",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Answers",
                table: "Comments",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<long>(
                name: "AssignedToId",
                table: "Comments",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "Best",
                table: "Comments",
                type: "REAL",
                nullable: false,
                defaultValue: 0.0);

            migrationBuilder.AddColumn<long>(
                name: "EditedAt",
                table: "Comments",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<bool>(
                name: "IsConfirmed",
                table: "Comments",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<bool>(
                name: "IsEditedByTeam",
                table: "Comments",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<string>(
                name: "NetworkKey",
                table: "Comments",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "OwnerKey",
                table: "Comments",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Rating",
                table: "Comments",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Reactions",
                table: "Comments",
                type: "TEXT",
                nullable: false,
                defaultValue: "{}");

            migrationBuilder.AddColumn<long>(
                name: "RootId",
                table: "Comments",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<long>(
                name: "ToldAt",
                table: "Comments",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<bool>(
                name: "IsShown",
                table: "Comments",
                type: "INTEGER",
                nullable: false,
                computedColumnSql: "\"Standing\" = 'Public' OR \"Answers\" > 0",
                stored: false);

            migrationBuilder.CreateTable(
                name: "CommentCounts",
                columns: table => new
                {
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Standing = table.Column<string>(type: "TEXT", nullable: false),
                    Count = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CommentCounts", x => new { x.SiteId, x.Standing });
                });

            migrationBuilder.CreateTable(
                name: "CommentDeeds",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    CommentId = table.Column<long>(type: "INTEGER", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Before = table.Column<string>(type: "TEXT", nullable: true),
                    After = table.Column<string>(type: "TEXT", nullable: true),
                    Way = table.Column<string>(type: "TEXT", nullable: false),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: true),
                    PersonName = table.Column<string>(type: "TEXT", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CommentDeeds", x => x.Id);
                    table.ForeignKey(
                        name: "FK_CommentDeeds_AspNetUsers_PersonId",
                        column: x => x.PersonId,
                        principalTable: "AspNetUsers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_CommentDeeds_Comments_CommentId",
                        column: x => x.CommentId,
                        principalTable: "Comments",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "CommentLooks",
                columns: table => new
                {
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonName = table.Column<string>(type: "TEXT", nullable: false),
                    CommentId = table.Column<long>(type: "INTEGER", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CommentLooks", x => new { x.SiteId, x.PersonId });
                });

            migrationBuilder.CreateTable(
                name: "CommentNotes",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    CommentId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: true),
                    PersonName = table.Column<string>(type: "TEXT", nullable: false),
                    Text = table.Column<string>(type: "TEXT", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CommentNotes", x => x.Id);
                    table.ForeignKey(
                        name: "FK_CommentNotes_AspNetUsers_PersonId",
                        column: x => x.PersonId,
                        principalTable: "AspNetUsers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_CommentNotes_Comments_CommentId",
                        column: x => x.CommentId,
                        principalTable: "Comments",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "CommentReactions",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    ThreadId = table.Column<long>(type: "INTEGER", nullable: false),
                    CommentId = table.Column<long>(type: "INTEGER", nullable: true),
                    ReaderKey = table.Column<string>(type: "TEXT", nullable: false),
                    PlaceKey = table.Column<string>(type: "TEXT", nullable: true),
                    Sign = table.Column<string>(type: "TEXT", nullable: false),
                    GivenAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CommentReactions", x => x.Id);
                    table.ForeignKey(
                        name: "FK_CommentReactions_Comments_CommentId",
                        column: x => x.CommentId,
                        principalTable: "Comments",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_CommentReactions_Threads_ThreadId",
                        column: x => x.ThreadId,
                        principalTable: "Threads",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ConfirmedReaders",
                columns: table => new
                {
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Mail = table.Column<string>(type: "TEXT", nullable: false),
                    ConfirmedAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ConfirmedReaders", x => new { x.SiteId, x.Mail });
                    table.ForeignKey(
                        name: "FK_ConfirmedReaders_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "DecisionLinks",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Hash = table.Column<string>(type: "TEXT", nullable: false),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    CommentId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: false),
                    ExpiresAt = table.Column<long>(type: "INTEGER", nullable: false),
                    UsedAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_DecisionLinks", x => x.Id);
                    table.ForeignKey(
                        name: "FK_DecisionLinks_AspNetUsers_PersonId",
                        column: x => x.PersonId,
                        principalTable: "AspNetUsers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_DecisionLinks_Comments_CommentId",
                        column: x => x.CommentId,
                        principalTable: "Comments",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "NoticeWishes",
                columns: table => new
                {
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: false),
                    About = table.Column<string>(type: "TEXT", nullable: false),
                    EveryHours = table.Column<int>(type: "INTEGER", nullable: false),
                    QuietFrom = table.Column<TimeOnly>(type: "TEXT", nullable: true),
                    QuietUntil = table.Column<TimeOnly>(type: "TEXT", nullable: true),
                    ToldUpTo = table.Column<long>(type: "INTEGER", nullable: false),
                    ReportsToldUpTo = table.Column<long>(type: "INTEGER", nullable: false),
                    LastSentAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_NoticeWishes", x => new { x.SiteId, x.PersonId });
                    table.ForeignKey(
                        name: "FK_NoticeWishes_AspNetUsers_PersonId",
                        column: x => x.PersonId,
                        principalTable: "AspNetUsers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_NoticeWishes_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ReaderLinks",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Hash = table.Column<string>(type: "TEXT", nullable: false),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Mail = table.Column<string>(type: "TEXT", nullable: false),
                    ExpiresAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ReaderLinks", x => x.Id);
                    table.ForeignKey(
                        name: "FK_ReaderLinks_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "SavedViews",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Query = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_SavedViews", x => x.Id);
                    table.ForeignKey(
                        name: "FK_SavedViews_AspNetUsers_PersonId",
                        column: x => x.PersonId,
                        principalTable: "AspNetUsers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_SavedViews_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ThreadAliases",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    ThreadId = table.Column<long>(type: "INTEGER", nullable: false),
                    Identifier = table.Column<string>(type: "TEXT", nullable: true),
                    FoldedAddress = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ThreadAliases", x => x.Id);
                    table.ForeignKey(
                        name: "FK_ThreadAliases_Threads_ThreadId",
                        column: x => x.ThreadId,
                        principalTable: "Threads",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ThreadFollows",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    ThreadId = table.Column<long>(type: "INTEGER", nullable: false),
                    Mail = table.Column<string>(type: "TEXT", nullable: false),
                    OnlyAnswers = table.Column<bool>(type: "INTEGER", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    MadeAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ThreadFollows", x => x.Id);
                    table.ForeignKey(
                        name: "FK_ThreadFollows_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                    table.ForeignKey(
                        name: "FK_ThreadFollows_Threads_ThreadId",
                        column: x => x.ThreadId,
                        principalTable: "Threads",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "WriterMarks",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    By = table.Column<string>(type: "TEXT", nullable: false),
                    Value = table.Column<string>(type: "TEXT", nullable: false),
                    Shown = table.Column<string>(type: "TEXT", nullable: false),
                    Mark = table.Column<string>(type: "TEXT", nullable: false),
                    Until = table.Column<long>(type: "INTEGER", nullable: true),
                    MadeAt = table.Column<long>(type: "INTEGER", nullable: false),
                    MadeById = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_WriterMarks", x => x.Id);
                    table.ForeignKey(
                        name: "FK_WriterMarks_AspNetUsers_MadeById",
                        column: x => x.MadeById,
                        principalTable: "AspNetUsers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_WriterMarks_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Reported",
                table: "Comments",
                columns: new[] { "SiteId", "Standing", "Id" },
                filter: "\"Reports\" > \"ReportsKept\"");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_RootId",
                table: "Comments",
                column: "RootId",
                filter: "\"RootId\" IS NOT NULL");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_SiteId_DecidedById_DecidedAt",
                table: "Comments",
                columns: new[] { "SiteId", "DecidedById", "DecidedAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Comments_SiteId_NetworkKey_CreatedAt",
                table: "Comments",
                columns: new[] { "SiteId", "NetworkKey", "CreatedAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Comments_ThreadId_CreatedAt",
                table: "Comments",
                columns: new[] { "ThreadId", "CreatedAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Answers",
                table: "Comments",
                columns: new[] { "ThreadId", "Answers", "Id" },
                descending: new[] { false, true, false },
                filter: "\"RootId\" IS NULL AND \"IsShown\"");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Best",
                table: "Comments",
                columns: new[] { "ThreadId", "Best", "Id" },
                descending: new[] { false, true, false },
                filter: "\"RootId\" IS NULL AND \"IsShown\"");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Down",
                table: "Comments",
                columns: new[] { "ThreadId", "Down", "Id" },
                descending: new[] { false, true, false },
                filter: "\"RootId\" IS NULL AND \"IsShown\"");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Time",
                table: "Comments",
                columns: new[] { "ThreadId", "CreatedAt", "Id" },
                filter: "\"RootId\" IS NULL AND \"IsShown\"");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Up",
                table: "Comments",
                columns: new[] { "ThreadId", "Up", "Id" },
                descending: new[] { false, true, false },
                filter: "\"RootId\" IS NULL AND \"IsShown\"");

            migrationBuilder.CreateIndex(
                name: "IX_CommentDeeds_CommentId",
                table: "CommentDeeds",
                column: "CommentId");

            migrationBuilder.CreateIndex(
                name: "IX_CommentDeeds_PersonId",
                table: "CommentDeeds",
                column: "PersonId");

            migrationBuilder.CreateIndex(
                name: "IX_CommentDeeds_SiteId_Id",
                table: "CommentDeeds",
                columns: new[] { "SiteId", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_CommentLooks_CommentId",
                table: "CommentLooks",
                column: "CommentId");

            migrationBuilder.CreateIndex(
                name: "IX_CommentNotes_CommentId",
                table: "CommentNotes",
                column: "CommentId");

            migrationBuilder.CreateIndex(
                name: "IX_CommentNotes_PersonId",
                table: "CommentNotes",
                column: "PersonId");

            migrationBuilder.CreateIndex(
                name: "IX_CommentReactions_CommentId",
                table: "CommentReactions",
                column: "CommentId");

            migrationBuilder.CreateIndex(
                name: "IX_CommentReactions_ThreadId_CommentId_ReaderKey_Sign",
                table: "CommentReactions",
                columns: new[] { "ThreadId", "CommentId", "ReaderKey", "Sign" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_DecisionLinks_CommentId",
                table: "DecisionLinks",
                column: "CommentId");

            migrationBuilder.CreateIndex(
                name: "IX_DecisionLinks_Hash",
                table: "DecisionLinks",
                column: "Hash",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_DecisionLinks_PersonId",
                table: "DecisionLinks",
                column: "PersonId");

            migrationBuilder.CreateIndex(
                name: "IX_NoticeWishes_PersonId",
                table: "NoticeWishes",
                column: "PersonId");

            migrationBuilder.CreateIndex(
                name: "IX_ReaderLinks_Hash",
                table: "ReaderLinks",
                column: "Hash",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_ReaderLinks_SiteId",
                table: "ReaderLinks",
                column: "SiteId");

            migrationBuilder.CreateIndex(
                name: "IX_SavedViews_PersonId",
                table: "SavedViews",
                column: "PersonId");

            migrationBuilder.CreateIndex(
                name: "IX_SavedViews_SiteId_PersonId",
                table: "SavedViews",
                columns: new[] { "SiteId", "PersonId" });

            migrationBuilder.CreateIndex(
                name: "IX_ThreadAliases_SiteId_FoldedAddress",
                table: "ThreadAliases",
                columns: new[] { "SiteId", "FoldedAddress" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_ThreadAliases_SiteId_Identifier",
                table: "ThreadAliases",
                columns: new[] { "SiteId", "Identifier" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_ThreadAliases_ThreadId",
                table: "ThreadAliases",
                column: "ThreadId");

            migrationBuilder.CreateIndex(
                name: "IX_ThreadFollows_Key",
                table: "ThreadFollows",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_ThreadFollows_SiteId",
                table: "ThreadFollows",
                column: "SiteId");

            migrationBuilder.CreateIndex(
                name: "IX_ThreadFollows_ThreadId_Mail",
                table: "ThreadFollows",
                columns: new[] { "ThreadId", "Mail" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_WriterMarks_MadeById",
                table: "WriterMarks",
                column: "MadeById");

            migrationBuilder.CreateIndex(
                name: "IX_WriterMarks_SiteId_By_Value",
                table: "WriterMarks",
                columns: new[] { "SiteId", "By", "Value" },
                unique: true);

            FillWhatIsKept(migrationBuilder);
            foreach (var (name, change, body) in CountTriggers) migrationBuilder.Sql($"CREATE TRIGGER {name} AFTER {change} ON Comments BEGIN {body} END;");
        }

        // Comments at the top level know nothing above them; what answers knows the one at the top, however deep it stands. A ring of answers has no top and stays as it is.
        private static void FillWhatIsKept(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.Sql("""
                WITH RECURSIVE Below(Id, Root) AS (
                    SELECT Id, Id FROM Comments WHERE ParentId IS NULL
                    UNION ALL
                    SELECT Comments.Id, Below.Root FROM Comments JOIN Below ON Comments.ParentId = Below.Id)
                UPDATE Comments SET RootId = (SELECT Root FROM Below WHERE Below.Id = Comments.Id) WHERE ParentId IS NOT NULL;
                """);
            migrationBuilder.Sql("UPDATE Comments SET Answers = (SELECT COUNT(*) FROM Comments AS Below WHERE Below.RootId = Comments.Id AND Below.Standing = 'Public') WHERE RootId IS NULL;");
            // Z is 1.96, two-sided 95 %.
            migrationBuilder.Sql("""
                UPDATE Comments SET Best = (1.0 * Up / (Up + Down) + 1.9207294 / (Up + Down) - 1.959964 * sqrt((1.0 * Up / (Up + Down) * (1 - 1.0 * Up / (Up + Down)) + 0.9603647 / (Up + Down)) / (Up + Down))) / (1 + 3.8414588 / (Up + Down)) WHERE Up > 0;
                """);
            migrationBuilder.Sql("UPDATE Threads SET PublicCount = (SELECT COUNT(*) FROM Comments WHERE Comments.ThreadId = Threads.Id AND Standing = 'Public');");
            migrationBuilder.Sql("INSERT INTO CommentCounts (SiteId, Standing, Count) SELECT SiteId, Standing, COUNT(*) FROM Comments GROUP BY SiteId, Standing;");
        }

        private static readonly (string Name, string Change, string Body)[] CountTriggers =
        [
            ("TR_CommentCounts_Insert", "INSERT", Counted("NEW", "+")),
            ("TR_CommentCounts_Delete", "DELETE", Counted("OLD", "-")),
            ("TR_CommentCounts_Update", "UPDATE OF Standing, SiteId, ThreadId, RootId", Counted("OLD", "-") + Counted("NEW", "+")),
        ];

        private static string Counted(string row, string sign) => $"""
            INSERT INTO CommentCounts (SiteId, Standing, Count) VALUES ({row}.SiteId, {row}.Standing, {sign}1) ON CONFLICT (SiteId, Standing) DO UPDATE SET Count = Count {sign} 1;
            UPDATE Threads SET PublicCount = PublicCount {sign} 1 WHERE Id = {row}.ThreadId AND {row}.Standing = 'Public';
            UPDATE Comments SET Answers = Answers {sign} 1 WHERE Id = {row}.RootId AND {row}.Standing = 'Public';
            """;

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            foreach (var (name, _, _) in CountTriggers) migrationBuilder.Sql($"DROP TRIGGER {name};");
            migrationBuilder.DropTable(
                name: "CommentCounts");

            migrationBuilder.DropTable(
                name: "CommentDeeds");

            migrationBuilder.DropTable(
                name: "CommentLooks");

            migrationBuilder.DropTable(
                name: "CommentNotes");

            migrationBuilder.DropTable(
                name: "CommentReactions");

            migrationBuilder.DropTable(
                name: "ConfirmedReaders");

            migrationBuilder.DropTable(
                name: "DecisionLinks");

            migrationBuilder.DropTable(
                name: "NoticeWishes");

            migrationBuilder.DropTable(
                name: "ReaderLinks");

            migrationBuilder.DropTable(
                name: "SavedViews");

            migrationBuilder.DropTable(
                name: "ThreadAliases");

            migrationBuilder.DropTable(
                name: "ThreadFollows");

            migrationBuilder.DropTable(
                name: "WriterMarks");

            migrationBuilder.DropIndex(
                name: "IX_Comments_Reported",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_RootId",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_SiteId_DecidedById_DecidedAt",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_SiteId_NetworkKey_CreatedAt",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_ThreadId_CreatedAt",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_Top_Answers",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_Top_Best",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_Top_Down",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_Top_Time",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_Top_Up",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "IsShown",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "PublicCount",
                table: "Threads");

            migrationBuilder.DropColumn(
                name: "Reactions",
                table: "Threads");

            migrationBuilder.DropColumn(
                name: "Settings",
                table: "Threads");

            migrationBuilder.DropColumn(
                name: "StopAddress",
                table: "Letters");

            migrationBuilder.DropColumn(
                name: "Answers",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "AssignedToId",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "Best",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "EditedAt",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "IsConfirmed",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "IsEditedByTeam",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "NetworkKey",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "OwnerKey",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "Rating",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "Reactions",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "RootId",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "ToldAt",
                table: "Comments");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_SiteId_Standing_Reports",
                table: "Comments",
                columns: new[] { "SiteId", "Standing", "Reports" });
        }
    }
}
