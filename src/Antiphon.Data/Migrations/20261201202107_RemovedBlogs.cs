using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Migrations;

namespace Antiphon.Data.Migrations;

/// <summary>When a blog was removed; it can come back as long as its row stands.</summary>
[DbContext(typeof(AntiphonContext))]
[Migration("20261201202107_RemovedBlogs")]
public sealed class RemovedBlogs : Migration
{
    /// <inheritdoc/>
    protected override void Up(MigrationBuilder migrationBuilder)
    {
        ArgumentNullException.ThrowIfNull(migrationBuilder);
        migrationBuilder.AddColumn<long>("RemovedAt", "Blogs", "INTEGER", nullable: true);
    }

    /// <inheritdoc/>
    protected override void Down(MigrationBuilder migrationBuilder)
    {
        ArgumentNullException.ThrowIfNull(migrationBuilder);
        migrationBuilder.DropColumn("RemovedAt", "Blogs");
    }
}
