using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class VersionOfTermsAndFields : Migration
    {
        private static readonly (string Suffix, string Change, string Row)[] Changes =
            [("Insert", "INSERT", "NEW"), ("Update", "UPDATE", "NEW"), ("Delete", "DELETE", "OLD")];

        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            foreach (var (suffix, change, row) in Changes)
            {
                // Listings choose by the tree of categories and show own fields, so both belong to the version of their content.
                migrationBuilder.Sql($"""
                    CREATE TRIGGER TR_Categories_{suffix} AFTER {change} ON Categories BEGIN
                        UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = {row}.SiteId;
                    END;
                    """);
                migrationBuilder.Sql($"""
                    CREATE TRIGGER TR_BlogFields_{suffix} AFTER {change} ON BlogFields BEGIN
                        UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = (SELECT SiteId FROM Blogs WHERE Id = {row}.BlogId);
                    END;
                    """);
            }
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            foreach (var (suffix, _, _) in Changes)
            {
                migrationBuilder.Sql($"DROP TRIGGER TR_Categories_{suffix};");
                migrationBuilder.Sql($"DROP TRIGGER TR_BlogFields_{suffix};");
            }
        }
    }
}
