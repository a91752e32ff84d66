using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Migrations;

namespace Antiphon.Data.Migrations;

/// <summary>The language in which people of a team are written to.</summary>
[DbContext(typeof(AntiphonContext))]
[Migration("20261201194057_LanguageOfPeople")]
public sealed class LanguageOfPeople : Migration
{
    /// <inheritdoc/>
    protected override void Up(MigrationBuilder migrationBuilder)
    {
        ArgumentNullException.ThrowIfNull(migrationBuilder);
        migrationBuilder.AddColumn<string>("Language", "AspNetUsers", "TEXT", nullable: true);
    }

    /// <inheritdoc/>
    protected override void Down(MigrationBuilder migrationBuilder)
    {
        ArgumentNullException.ThrowIfNull(migrationBuilder);
        migrationBuilder.DropColumn("Language", "AspNetUsers");
    }
}
