using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class ChannelsInTurnsAndCounted : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<long>(
                name: "CountNextAt",
                table: "ChannelDeliveries",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<long>(
                name: "CountedAt",
                table: "ChannelDeliveries",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Counts",
                table: "ChannelDeliveries",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "EditAddress",
                table: "ChannelDeliveries",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Turn",
                table: "ChannelDeliveries",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.CreateTable(
                name: "ChannelStarts",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    ChannelId = table.Column<long>(type: "INTEGER", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ChannelStarts", x => x.Id);
                    table.ForeignKey(
                        name: "FK_ChannelStarts_Channels_ChannelId",
                        column: x => x.ChannelId,
                        principalTable: "Channels",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_CountNextAt",
                table: "ChannelDeliveries",
                column: "CountNextAt",
                filter: "\"CountNextAt\" IS NOT NULL");

            migrationBuilder.CreateIndex(
                name: "IX_ChannelStarts_ChannelId_At",
                table: "ChannelStarts",
                columns: new[] { "ChannelId", "At" });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "ChannelStarts");

            migrationBuilder.DropIndex(
                name: "IX_ChannelDeliveries_CountNextAt",
                table: "ChannelDeliveries");

            migrationBuilder.DropColumn(
                name: "CountNextAt",
                table: "ChannelDeliveries");

            migrationBuilder.DropColumn(
                name: "CountedAt",
                table: "ChannelDeliveries");

            migrationBuilder.DropColumn(
                name: "Counts",
                table: "ChannelDeliveries");

            migrationBuilder.DropColumn(
                name: "EditAddress",
                table: "ChannelDeliveries");

            migrationBuilder.DropColumn(
                name: "Turn",
                table: "ChannelDeliveries");
        }
    }
}
