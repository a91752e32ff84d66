using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Migrations;

namespace Antiphon.Data.Migrations;

/// <summary>
/// Words that the settings of a site or of a blog refuse or hold become rules, where one looks for them: refused ones
/// before the rules there are, held ones behind them, as they were decided. Tables stay as they are.
/// </summary>
[DbContext(typeof(AntiphonContext))]
[Migration("20261201093000_WordRules")]
public sealed class WordRules : Migration
{
    /// <inheritdoc/>
    protected override void Up(MigrationBuilder migrationBuilder)
    {
        ArgumentNullException.ThrowIfNull(migrationBuilder);
        migrationBuilder.Sql(
            $"""
            UPDATE "Sites" SET "CommentRules" = (
                SELECT json_group_array(json(rule)) FROM (
                    {RulesOf("refusedWords", "Refuse")}
                    UNION ALL
                    SELECT value AS rule FROM json_each("Sites"."CommentRules")
                    UNION ALL
                    {RulesOf("heldWords", "Wait")}
                )
            )
            WHERE json_array_length("CommentSettings", '$.refusedWords') > 0
                OR json_array_length("CommentSettings", '$.heldWords') > 0
                OR EXISTS (
                    SELECT 1 FROM "Blogs" WHERE "Blogs"."SiteId" = "Sites"."Id"
                        AND (json_array_length("Blogs"."CommentSettings", '$.refusedWords') > 0
                            OR json_array_length("Blogs"."CommentSettings", '$.heldWords') > 0)
                );
            """
        );
        foreach (var table in new[] { "Sites", "Blogs" })
        {
            migrationBuilder.Sql(
                $"""
                UPDATE "{table}" SET "CommentSettings" = json_remove("CommentSettings", '$.refusedWords', '$.heldWords')
                WHERE json_array_length("CommentSettings", '$.refusedWords') > 0
                    OR json_array_length("CommentSettings", '$.heldWords') > 0;
                """
            );
        }
    }

    // The site's own words for the whole site, then those of each blog for that blog.
    private static string RulesOf(string setting, string act) =>
        $"""
        SELECT json_object(
            'condition', 'Words', 'number', 0, 'words', json_extract("Sites"."CommentSettings", '$.{setting}'),
            'act', '{act}') AS rule
        WHERE json_array_length("Sites"."CommentSettings", '$.{setting}') > 0
        UNION ALL
        SELECT * FROM (
            SELECT json_object(
                'condition', 'Words', 'number', 0, 'words', json_extract("Blogs"."CommentSettings", '$.{setting}'),
                'act', '{act}', 'blogs', json_array("Blogs"."Id")) AS rule
            FROM "Blogs"
            WHERE "Blogs"."SiteId" = "Sites"."Id"
                AND json_array_length("Blogs"."CommentSettings", '$.{setting}') > 0
            ORDER BY "Blogs"."Id"
        )
        """;
}
