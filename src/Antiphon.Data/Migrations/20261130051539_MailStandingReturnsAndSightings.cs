using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class MailStandingReturnsAndSightings : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<long>(
                name: "ConfirmedAt",
                table: "Sightings",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<long>(
                name: "ConfirmingAt",
                table: "Sightings",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Returned",
                table: "Deliveries",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "MailStandings",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false),
                    Since = table.Column<long>(type: "INTEGER", nullable: false),
                    Reason = table.Column<string>(type: "TEXT", nullable: false),
                    Failures = table.Column<int>(type: "INTEGER", nullable: false),
                    PausedUntil = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_MailStandings", x => x.Id);
                });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "MailStandings");

            migrationBuilder.DropColumn(
                name: "ConfirmedAt",
                table: "Sightings");

            migrationBuilder.DropColumn(
                name: "ConfirmingAt",
                table: "Sightings");

            migrationBuilder.DropColumn(
                name: "Returned",
                table: "Deliveries");
        }
    }
}
