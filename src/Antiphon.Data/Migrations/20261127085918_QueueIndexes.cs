using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class QueueIndexes : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_Comments_RootId",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_SiteId_Standing_Reports",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_Top_Answers",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_Top_Best",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_Top_Down",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_Top_Time",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_Top_Up",
                table: "Comments");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Reported",
                table: "Comments",
                columns: new[] { "SiteId", "Standing", "Id" },
                filter: "\"Reports\" > \"ReportsKept\"");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_RootId",
                table: "Comments",
                column: "RootId",
                filter: "\"RootId\" IS NOT NULL");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Answers",
                table: "Comments",
                columns: new[] { "ThreadId", "Answers", "Id" },
                descending: new[] { false, true, false },
                filter: "\"RootId\" IS NULL AND \"IsShown\"");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Best",
                table: "Comments",
                columns: new[] { "ThreadId", "Best", "Id" },
                descending: new[] { false, true, false },
                filter: "\"RootId\" IS NULL AND \"IsShown\"");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Down",
                table: "Comments",
                columns: new[] { "ThreadId", "Down", "Id" },
                descending: new[] { false, true, false },
                filter: "\"RootId\" IS NULL AND \"IsShown\"");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Time",
                table: "Comments",
                columns: new[] { "ThreadId", "CreatedAt", "Id" },
                filter: "\"RootId\" IS NULL AND \"IsShown\"");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Up",
                table: "Comments",
                columns: new[] { "ThreadId", "Up", "Id" },
                descending: new[] { false, true, false },
                filter: "\"RootId\" IS NULL AND \"IsShown\"");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_Comments_Reported",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_RootId",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_Top_Answers",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_Top_Best",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_Top_Down",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_Top_Time",
                table: "Comments");

            migrationBuilder.DropIndex(
                name: "IX_Comments_Top_Up",
                table: "Comments");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_RootId",
                table: "Comments",
                column: "RootId");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_SiteId_Standing_Reports",
                table: "Comments",
                columns: new[] { "SiteId", "Standing", "Reports" });

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Answers",
                table: "Comments",
                columns: new[] { "ThreadId", "IsShown", "Answers", "Id" },
                descending: new[] { false, false, true, false },
                filter: "\"RootId\" IS NULL");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Best",
                table: "Comments",
                columns: new[] { "ThreadId", "IsShown", "Best", "Id" },
                descending: new[] { false, false, true, false },
                filter: "\"RootId\" IS NULL");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Down",
                table: "Comments",
                columns: new[] { "ThreadId", "IsShown", "Down", "Id" },
                descending: new[] { false, false, true, false },
                filter: "\"RootId\" IS NULL");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Time",
                table: "Comments",
                columns: new[] { "ThreadId", "IsShown", "CreatedAt", "Id" },
                filter: "\"RootId\" IS NULL");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Up",
                table: "Comments",
                columns: new[] { "ThreadId", "IsShown", "Up", "Id" },
                descending: new[] { false, false, true, false },
                filter: "\"RootId\" IS NULL");
        }
    }
}
