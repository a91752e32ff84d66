using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Migrations;

namespace Antiphon.Data.Migrations;

/// <summary>
/// Links of posts written here no longer say that they are a stranger's; those of followed blogs say so as before.
/// Tables stay as they are.
/// </summary>
[DbContext(typeof(AntiphonContext))]
[Migration("20261201134000_LinksOfOwners")]
public sealed class LinksOfOwners : Migration
{
    /// <inheritdoc/>
    protected override void Up(MigrationBuilder migrationBuilder)
    {
        ArgumentNullException.ThrowIfNull(migrationBuilder);
        migrationBuilder.Sql(
            """
            UPDATE "Posts" SET "BodyHtml" = replace("BodyHtml", ' rel="noopener nofollow ugc"',
                CASE WHEN EXISTS (SELECT 1 FROM "Followings" WHERE "Followings"."BlogId" = "Posts"."BlogId")
                    THEN ' rel="nofollow ugc noopener"' ELSE '' END)
            WHERE instr("BodyHtml", ' rel="noopener nofollow ugc"') > 0;
            """
        );
    }

    /// <inheritdoc/>
    protected override void Down(MigrationBuilder migrationBuilder)
    {
        // What a link said before says nothing that is wanted back.
    }
}
