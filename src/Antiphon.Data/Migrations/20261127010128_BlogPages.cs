using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class BlogPages : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "HostName",
                table: "Blogs",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<long>(
                name: "HostSeenAt",
                table: "Blogs",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "PageLook",
                table: "Blogs",
                type: "TEXT",
                nullable: false,
                defaultValue: "{}");

            migrationBuilder.AddColumn<string>(
                name: "SearchDescription",
                table: "Blogs",
                type: "TEXT",
                nullable: true);

            migrationBuilder.CreateIndex(
                name: "IX_Blogs_HostName",
                table: "Blogs",
                column: "HostName",
                unique: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_Blogs_HostName",
                table: "Blogs");

            migrationBuilder.DropColumn(
                name: "HostName",
                table: "Blogs");

            migrationBuilder.DropColumn(
                name: "HostSeenAt",
                table: "Blogs");

            migrationBuilder.DropColumn(
                name: "PageLook",
                table: "Blogs");

            migrationBuilder.DropColumn(
                name: "SearchDescription",
                table: "Blogs");
        }
    }
}
