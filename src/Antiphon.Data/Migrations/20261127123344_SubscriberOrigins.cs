using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class SubscriberOrigins : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Origin",
                table: "Subscribers",
                type: "TEXT",
                nullable: false,
                defaultValue: "Unknown");

            migrationBuilder.AddColumn<string>(
                name: "Reason",
                table: "Subscribers",
                type: "TEXT",
                nullable: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "Origin",
                table: "Subscribers");

            migrationBuilder.DropColumn(
                name: "Reason",
                table: "Subscribers");
        }
    }
}
