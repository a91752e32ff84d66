using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class ShareWays : Migration
    {
        // What stands in posts and listings counts as their content.
        private static string SiteTrigger(string columns) => $"""
            DROP TRIGGER TR_Sites_Update;
            CREATE TRIGGER TR_Sites_Update AFTER UPDATE OF {columns} ON Sites BEGIN
                UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.Id;
            END;
            """;

        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "ShareWays",
                table: "Sites",
                type: "TEXT",
                nullable: false,
                defaultValue: "[]");
            migrationBuilder.Sql(SiteTrigger("Name, Address, TimeZone, Language, AllowedAddresses, FollowLinks, ShareWays"));
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.Sql(SiteTrigger("Name, Address, TimeZone, Language, AllowedAddresses, FollowLinks"));
            // Written out, since the tools would rebuild the table, which the triggers of others name.
            migrationBuilder.Sql("ALTER TABLE Sites DROP COLUMN ShareWays;");
        }
    }
}
