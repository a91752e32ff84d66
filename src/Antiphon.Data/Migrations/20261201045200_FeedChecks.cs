using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class FeedChecks : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "CheckRuns",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    StartedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    CancelledAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CheckRuns", x => x.Id);
                    table.ForeignKey(
                        name: "FK_CheckRuns_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "KeptChecks",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    RunId = table.Column<long>(type: "INTEGER", nullable: true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Address = table.Column<string>(type: "TEXT", nullable: true),
                    Document = table.Column<byte[]>(type: "BLOB", nullable: true),
                    CheckedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Verdict = table.Column<string>(type: "TEXT", nullable: true),
                    Problem = table.Column<string>(type: "TEXT", nullable: true),
                    ProblemDetail = table.Column<string>(type: "TEXT", nullable: true),
                    Format = table.Column<string>(type: "TEXT", nullable: true),
                    Title = table.Column<string>(type: "TEXT", nullable: true),
                    Contact = table.Column<string>(type: "TEXT", nullable: true),
                    FoundOn = table.Column<string>(type: "TEXT", nullable: true),
                    Entries = table.Column<int>(type: "INTEGER", nullable: false),
                    Errors = table.Column<int>(type: "INTEGER", nullable: false),
                    Warnings = table.Column<int>(type: "INTEGER", nullable: false),
                    Advice = table.Column<int>(type: "INTEGER", nullable: false),
                    Repairable = table.Column<int>(type: "INTEGER", nullable: false),
                    ComparedWith = table.Column<long>(type: "INTEGER", nullable: true),
                    Came = table.Column<int>(type: "INTEGER", nullable: false),
                    Gone = table.Column<int>(type: "INTEGER", nullable: false),
                    Findings = table.Column<string>(type: "TEXT", nullable: false),
                    HeldUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    ClaimNumber = table.Column<long>(type: "INTEGER", nullable: false),
                    Unfinished = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_KeptChecks", x => x.Id);
                    table.ForeignKey(
                        name: "FK_KeptChecks_CheckRuns_RunId",
                        column: x => x.RunId,
                        principalTable: "CheckRuns",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_KeptChecks_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_CheckRuns_SiteId_Id",
                table: "CheckRuns",
                columns: new[] { "SiteId", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_KeptChecks_CheckedAt",
                table: "KeptChecks",
                column: "CheckedAt");

            migrationBuilder.CreateIndex(
                name: "IX_KeptChecks_RunId",
                table: "KeptChecks",
                column: "RunId");

            migrationBuilder.CreateIndex(
                name: "IX_KeptChecks_SiteId_Name",
                table: "KeptChecks",
                columns: new[] { "SiteId", "Name" });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "KeptChecks");

            migrationBuilder.DropTable(
                name: "CheckRuns");
        }
    }
}
