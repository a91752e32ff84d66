using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class PictureCuts : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "OfKey",
                table: "Pictures",
                type: "TEXT",
                nullable: true);

            migrationBuilder.CreateIndex(
                name: "IX_Pictures_OfKey",
                table: "Pictures",
                column: "OfKey");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_Pictures_OfKey",
                table: "Pictures");

            migrationBuilder.DropColumn(
                name: "OfKey",
                table: "Pictures");
        }
    }
}
