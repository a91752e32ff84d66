using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class ChannelDeliveriesByState : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_SiteId_State_PostId",
                table: "ChannelDeliveries",
                columns: new[] { "SiteId", "State", "PostId" });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_ChannelDeliveries_SiteId_State_PostId",
                table: "ChannelDeliveries");
        }
    }
}
