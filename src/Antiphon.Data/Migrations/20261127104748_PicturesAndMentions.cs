using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class PicturesAndMentions : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<bool>(
                name: "IsFromReader",
                table: "Pictures",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.CreateTable(
                name: "Mentions",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    PostId = table.Column<long>(type: "INTEGER", nullable: false),
                    Source = table.Column<string>(type: "TEXT", nullable: false),
                    Host = table.Column<string>(type: "TEXT", nullable: false),
                    Target = table.Column<string>(type: "TEXT", nullable: false),
                    Way = table.Column<string>(type: "TEXT", nullable: false),
                    State = table.Column<string>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Title = table.Column<string>(type: "TEXT", nullable: true),
                    AuthorAddress = table.Column<string>(type: "TEXT", nullable: true),
                    PublishedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    ReceivedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    ReadAt = table.Column<long>(type: "INTEGER", nullable: true),
                    NextReadAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Attempts = table.Column<int>(type: "INTEGER", nullable: false),
                    Problem = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Mentions", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Mentions_Posts_PostId",
                        column: x => x.PostId,
                        principalTable: "Posts",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_Mentions_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            // Adding a key in the usual way makes the table anew, and the triggers that keep the counts would go with the old one.
            migrationBuilder.Sql("ALTER TABLE \"Comments\" ADD COLUMN \"MentionId\" INTEGER NULL CONSTRAINT \"FK_Comments_Mentions_MentionId\" REFERENCES \"Mentions\" (\"Id\") ON DELETE SET NULL;");
            migrationBuilder.Sql("ALTER TABLE \"Comments\" ADD COLUMN \"PictureId\" INTEGER NULL CONSTRAINT \"FK_Comments_Pictures_PictureId\" REFERENCES \"Pictures\" (\"Id\") ON DELETE SET NULL;");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_MentionId",
                table: "Comments",
                column: "MentionId",
                unique: true,
                filter: "\"MentionId\" IS NOT NULL");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_PictureId",
                table: "Comments",
                column: "PictureId",
                filter: "\"PictureId\" IS NOT NULL");

            migrationBuilder.CreateIndex(
                name: "IX_Mentions_Key",
                table: "Mentions",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Mentions_NextReadAt",
                table: "Mentions",
                column: "NextReadAt",
                filter: "\"NextReadAt\" IS NOT NULL");

            migrationBuilder.CreateIndex(
                name: "IX_Mentions_PostId_Source",
                table: "Mentions",
                columns: new[] { "PostId", "Source" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Mentions_SiteId_State_Id",
                table: "Mentions",
                columns: new[] { "SiteId", "State", "Id" });

        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "Mentions");

            migrationBuilder.DropIndex(
                name: "IX_Comments_MentionId",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_PictureId",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "IsFromReader",
                table: "Pictures");

            migrationBuilder.DropColumn(
                name: "MentionId",
                table: "Comments");

            migrationBuilder.DropColumn(
                name: "PictureId",
                table: "Comments");
        }
    }
}
