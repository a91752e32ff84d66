using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class LooksAndSearch : Migration
    {
        private const string AddText = "INSERT INTO PostTexts(rowid, Title, PlainText) VALUES (NEW.Id, NEW.Title, NEW.PlainText);";
        private const string RemoveText = "INSERT INTO PostTexts(PostTexts, rowid, Title, PlainText) VALUES ('delete', OLD.Id, OLD.Title, OLD.PlainText);";

        private static readonly (string Name, string Change, string Row)[] LookTriggers =
            [("TR_Looks_Insert", "INSERT", "NEW"), ("TR_Looks_Update", "UPDATE", "NEW"), ("TR_Looks_Delete", "DELETE", "OLD")];

        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "AboutAddress",
                table: "Posts",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "FocusX",
                table: "Posts",
                type: "INTEGER",
                nullable: false,
                defaultValue: 50);

            migrationBuilder.AddColumn<int>(
                name: "FocusY",
                table: "Posts",
                type: "INTEGER",
                nullable: false,
                defaultValue: 50);

            migrationBuilder.AddColumn<string>(
                name: "PlainText",
                table: "Posts",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<long>(
                name: "ArchivedAt",
                table: "Listings",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Spot",
                table: "Listings",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<bool>(
                name: "ShowsPostsAtHome",
                table: "Blogs",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.CreateTable(
                name: "Looks",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Definition = table.Column<string>(type: "TEXT", nullable: false),
                    UpdatedAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Looks", x => x.Id);
                });

            // Written as a statement: adding the key by the builder would rebuild the table, and with it lose its triggers.
            migrationBuilder.Sql("ALTER TABLE Listings ADD COLUMN LookId INTEGER NULL REFERENCES Looks (Id) ON DELETE SET NULL;");
            migrationBuilder.CreateIndex(
                name: "IX_Listings_LookId",
                table: "Listings",
                column: "LookId");

            migrationBuilder.CreateIndex(
                name: "IX_Looks_SiteId",
                table: "Looks",
                column: "SiteId");

            foreach (var (name, change, row) in LookTriggers)
            {
                migrationBuilder.Sql($"""
                    CREATE TRIGGER {name} AFTER {change} ON Looks BEGIN
                        UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = {row}.SiteId;
                    END;
                    """);
            }

            // The index keeps no copy of the texts; it is told of every change by triggers, in the same transaction.
            migrationBuilder.Sql("CREATE VIRTUAL TABLE PostTexts USING fts5(Title, PlainText, content='Posts', content_rowid='Id', tokenize=\"unicode61 remove_diacritics 2\");");
            migrationBuilder.Sql("INSERT INTO PostTexts(PostTexts) VALUES ('rebuild');");
            migrationBuilder.Sql($"CREATE TRIGGER TR_PostTexts_Insert AFTER INSERT ON Posts BEGIN {AddText} END;");
            migrationBuilder.Sql($"CREATE TRIGGER TR_PostTexts_Delete AFTER DELETE ON Posts BEGIN {RemoveText} END;");
            migrationBuilder.Sql($"CREATE TRIGGER TR_PostTexts_Update AFTER UPDATE OF Title, PlainText ON Posts BEGIN {RemoveText} {AddText} END;");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            foreach (var name in (string[])["TR_PostTexts_Insert", "TR_PostTexts_Delete", "TR_PostTexts_Update"]) migrationBuilder.Sql($"DROP TRIGGER {name};");
            migrationBuilder.Sql("DROP TABLE PostTexts;");
            migrationBuilder.DropIndex(
                name: "IX_Listings_LookId",
                table: "Listings");

            migrationBuilder.Sql("ALTER TABLE Listings DROP COLUMN LookId;");
            migrationBuilder.DropTable(
                name: "Looks");

            migrationBuilder.DropColumn(
                name: "AboutAddress",
                table: "Posts");

            migrationBuilder.DropColumn(
                name: "FocusX",
                table: "Posts");

            migrationBuilder.DropColumn(
                name: "FocusY",
                table: "Posts");

            migrationBuilder.DropColumn(
                name: "PlainText",
                table: "Posts");

            migrationBuilder.DropColumn(
                name: "ArchivedAt",
                table: "Listings");

            migrationBuilder.DropColumn(
                name: "Spot",
                table: "Listings");

            migrationBuilder.DropColumn(
                name: "ShowsPostsAtHome",
                table: "Blogs");
        }
    }
}
