using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class TagsAndFeatured : Migration
    {
        private static readonly (string Name, string Change, string Condition, string Row)[] PublicCommentTriggers =
        [
            ("TR_Comments_PublicInsert", "INSERT", "NEW.Standing = 'Public'", "NEW"),
            ("TR_Comments_PublicUpdate", "UPDATE OF Standing", "NEW.Standing <> OLD.Standing AND 'Public' IN (NEW.Standing, OLD.Standing)", "NEW"),
            ("TR_Comments_PublicDelete", "DELETE", "OLD.Standing = 'Public'", "OLD"),
        ];

        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<bool>(
                name: "IsFeatured",
                table: "Posts",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<string>(
                name: "Tags",
                table: "Posts",
                type: "TEXT",
                nullable: false,
                defaultValue: "[]");

            // Listings show and order by public comments, so those change what a site shows; what waits or is spam does not.
            foreach (var (name, change, condition, row) in PublicCommentTriggers)
            {
                migrationBuilder.Sql($"""
                    CREATE TRIGGER {name} AFTER {change} ON Comments WHEN {condition} BEGIN
                        UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = {row}.SiteId;
                    END;
                    """);
            }
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            foreach (var (name, _, _, _) in PublicCommentTriggers) migrationBuilder.Sql($"DROP TRIGGER {name};");
            migrationBuilder.DropColumn(
                name: "IsFeatured",
                table: "Posts");

            migrationBuilder.DropColumn(
                name: "Tags",
                table: "Posts");
        }
    }
}
