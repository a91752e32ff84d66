using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class CommentDeciding : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "CommentRules",
                table: "Sites",
                type: "TEXT",
                nullable: false,
                defaultValue: "[]");

            migrationBuilder.AddColumn<string>(
                name: "CommentSettings",
                table: "Sites",
                type: "TEXT",
                nullable: false,
                defaultValue: "{}");

            migrationBuilder.AddColumn<int>(
                name: "Down",
                table: "Comments",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<string>(
                name: "PlaceKey",
                table: "Comments",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Reports",
                table: "Comments",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<int>(
                name: "ReportsKept",
                table: "Comments",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<string>(
                name: "TextKey",
                table: "Comments",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Trace",
                table: "Comments",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Up",
                table: "Comments",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<string>(
                name: "CommentSettings",
                table: "Blogs",
                type: "TEXT",
                nullable: false,
                defaultValue: "{}");

            migrationBuilder.CreateTable(
                name: "CommentReports",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    CommentId = table.Column<long>(type: "INTEGER", nullable: false),
                    ReaderKey = table.Column<string>(type: "TEXT", nullable: false),
                    PlaceKey = table.Column<string>(type: "TEXT", nullable: true),
                    Reason = table.Column<int>(type: "INTEGER", nullable: false),
                    Words = table.Column<string>(type: "TEXT", nullable: true),
                    MadeAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CommentReports", x => x.Id);
                    table.ForeignKey(
                        name: "FK_CommentReports_Comments_CommentId",
                        column: x => x.CommentId,
                        principalTable: "Comments",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "CommentVotes",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    CommentId = table.Column<long>(type: "INTEGER", nullable: false),
                    ReaderKey = table.Column<string>(type: "TEXT", nullable: false),
                    PlaceKey = table.Column<string>(type: "TEXT", nullable: true),
                    IsUp = table.Column<bool>(type: "INTEGER", nullable: false),
                    GivenAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CommentVotes", x => x.Id);
                    table.ForeignKey(
                        name: "FK_CommentVotes_Comments_CommentId",
                        column: x => x.CommentId,
                        principalTable: "Comments",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Comments_SiteId_PlaceKey_CreatedAt",
                table: "Comments",
                columns: new[] { "SiteId", "PlaceKey", "CreatedAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Comments_SiteId_Standing_Reports",
                table: "Comments",
                columns: new[] { "SiteId", "Standing", "Reports" });

            migrationBuilder.CreateIndex(
                name: "IX_Comments_SiteId_TextKey_CreatedAt",
                table: "Comments",
                columns: new[] { "SiteId", "TextKey", "CreatedAt" });

            migrationBuilder.CreateIndex(
                name: "IX_CommentReports_CommentId_PlaceKey",
                table: "CommentReports",
                columns: new[] { "CommentId", "PlaceKey" });

            migrationBuilder.CreateIndex(
                name: "IX_CommentReports_CommentId_ReaderKey",
                table: "CommentReports",
                columns: new[] { "CommentId", "ReaderKey" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_CommentVotes_CommentId_PlaceKey",
                table: "CommentVotes",
                columns: new[] { "CommentId", "PlaceKey" });

            migrationBuilder.CreateIndex(
                name: "IX_CommentVotes_CommentId_ReaderKey",
                table: "CommentVotes",
                columns: new[] { "CommentId", "ReaderKey" },
                unique: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "CommentReports");

            migrationBuilder.DropTable(
                name: "CommentVotes");

            migrationBuilder.DropIndex(
                name: "IX_Comments_SiteId_PlaceKey_CreatedAt",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_SiteId_Standing_Reports",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_SiteId_TextKey_CreatedAt",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "CommentRules",
                table: "Sites");

            migrationBuilder.DropColumn(
                name: "CommentSettings",
                table: "Sites");

            migrationBuilder.DropColumn(
                name: "Down",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "PlaceKey",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "Reports",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "ReportsKept",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "TextKey",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "Trace",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "Up",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "CommentSettings",
                table: "Blogs");
        }
    }
}
