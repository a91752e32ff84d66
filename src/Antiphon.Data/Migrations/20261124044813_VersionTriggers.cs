using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class VersionTriggers : Migration
    {
        private static readonly string[] ContentTables = ["Posts", "Blogs", "Listings"];

        private static readonly (string Suffix, string Change, string Row)[] Changes =
            [("Insert", "INSERT", "NEW"), ("Update", "UPDATE", "NEW"), ("Delete", "DELETE", "OLD")];

        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            foreach (var table in ContentTables)
            {
                foreach (var (suffix, change, row) in Changes)
                {
                    migrationBuilder.Sql($"""
                        CREATE TRIGGER TR_{table}_{suffix} AFTER {change} ON {table} BEGIN
                            UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = {row}.SiteId;
                        END;
                        """);
                }
            }

            migrationBuilder.Sql("""
                CREATE TRIGGER TR_Sites_Update AFTER UPDATE OF Name, Address, TimeZone, Language, AllowedAddresses ON Sites BEGIN
                    UPDATE Sites SET ContentVersion = ContentVersion + 1 WHERE Id = NEW.Id;
                END;
                """);
            foreach (var (suffix, change, row) in Changes)
            {
                migrationBuilder.Sql($"""
                    CREATE TRIGGER TR_Comments_{suffix} AFTER {change} ON Comments BEGIN
                        UPDATE Threads SET Version = Version + 1 WHERE Id = {row}.ThreadId;
                    END;
                    """);
            }
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            foreach (var table in ContentTables.Append("Comments"))
            {
                foreach (var (suffix, _, _) in Changes) migrationBuilder.Sql($"DROP TRIGGER TR_{table}_{suffix};");
            }

            migrationBuilder.Sql("DROP TRIGGER TR_Sites_Update;");
        }
    }
}
